import { leansBack, rimLoweredBy } from '../../hydraulics/rim';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** A hang-on-back that leans back: its rim at the back stands lower, and it spills there first. */
export const footMissing: Rule = ({ filter: { spill } }) => {
  const tilt = spill === null ? 0 : leansBack(spill);
  if (spill === null || tilt === 0) return [];
  const lower = rimLoweredBy(spill);
  return [
    {
      rule: 'foot-missing',
      level: 'urgent',
      effect: Math.min(1, lower / Math.max(spill.rimAboveLip, 1e-3)),
      title:
        spill.foot === 'missing'
          ? sentence`The levelling foot is missing: it leans back by ${{ kind: 'angle', si: tilt }}.`
          : sentence`It leans back by ${{ kind: 'angle', si: tilt }}.`,
      reason: sentence`The rim at the back stands ${{ kind: 'gap', si: lower }} lower, of the ${{ kind: 'gap', si: spill.rimAboveLip }} it has over the lip. Water that spills there is easily mistaken for evaporation. Put the foot in, or level it.`,
      layers: [],
    },
  ];
};
