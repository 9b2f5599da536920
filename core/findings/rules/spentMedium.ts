import { mediumLife } from '../../practice/mediaLives';
import { sentence } from '../../units/sentence';
import { DAY } from '../../units/time';
import type { Rule } from '../finding';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from './words';

/** Media that are used up by time and have been in for longer. */
export const spentMedium: Rule = ({ inFlow, now }) =>
  inFlow.flatMap((placed) => {
    const days = mediumLife(placed.medium);
    const { installedOn } = placed.layer;
    if (days === null || installedOn === null || now === null) return [];
    const lasts = days * DAY;
    const age = (Date.parse(now) - Date.parse(installedOn)) / 1000;
    if (age <= lasts) return [];
    const chemical = placed.role === 'chemical';
    return [
      {
        rule: 'spent-medium',
        level: 'check' as const,
        effect: shareOfPack(inFlow, [placed]),
        title: sentence`${upperFirst(nameInside(placed))} has been in for ${{ kind: 'duration', si: age }}.`,
        reason: chemical
          ? sentence`It is spent after about ${{ kind: 'duration', si: lasts }}; since then it only carries film, which goes out with it. Change it, or leave its room to biological media.`
          : sentence`It is worn after about ${{ kind: 'duration', si: lasts }}: what it holds rots in the flow. Change it.`,
        layers: idsOf([placed]),
      },
    ];
  });
