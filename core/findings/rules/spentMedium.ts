import type { MediumFamily } from '../../media/medium';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, nameInside, shareOfPack, upperFirst } from './words';

const WEEK = 7 * 86_400;

/** After how long a medium has done its work, s: carbon five to eight weeks, floss about a month, zeolite weeks (common practice, no source). */
const LASTS: Partial<Record<MediumFamily, number>> = {
  carbon: 8 * WEEK,
  floss: 6 * WEEK,
  zeolite: 6 * WEEK,
  cartridge: 6 * WEEK,
};

/** Media that are used up by time and have been in for longer. */
export const spentMedium: Rule = ({ inFlow, now }) =>
  inFlow.flatMap((one) => {
    const lasts = LASTS[one.medium.family];
    const { installedOn } = one.layer;
    if (lasts === undefined || installedOn === null || now === null) return [];
    const age = (Date.parse(now) - Date.parse(installedOn)) / 1000;
    if (age <= lasts) return [];
    const chemical = one.role === 'chemical';
    return [
      {
        rule: 'spent-medium',
        level: 'check' as const,
        effect: shareOfPack(inFlow, [one]),
        title: sentence`${upperFirst(nameInside(one))} has been in for ${{ kind: 'duration', si: age }}.`,
        reason: chemical
          ? sentence`It is spent after about ${{ kind: 'duration', si: lasts }}; since then it only carries film, which goes out with it. Change it, or leave its room to biological media.`
          : sentence`It is worn after about ${{ kind: 'duration', si: lasts }}: what it holds rots in the flow. Change it.`,
        layers: idsOf([one]),
      },
    ];
  });
