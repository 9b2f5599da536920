import { leansBack, rimLoweredBy } from '../../hydraulics/rim';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * A hang-on-back that leans back: its rim at the back stands lower, and it spills there first.
 *
 * @urgent always: the back rim stands lower, and it spills there first
 * @source common practice, no source
 */
export const footMissing = defineRule({
  id: 'foot-missing',
  question: 'through',
  levels: ['urgent'],
  judge: ({ filter: { spill } }) => {
    const tilt = spill === null ? 0 : leansBack(spill);
    if (spill === null || tilt === 0) return [];
    const lower = rimLoweredBy(spill);
    return [
      {
        level: 'urgent',
        effect: Math.min(1, lower / Math.max(spill.rimAboveLip, 1e-3)),
        title:
          spill.foot === 'missing'
            ? sentence`The levelling foot is missing: the filter leans back by ${{ kind: 'angle', si: tilt }}.`
            : sentence`The filter leans back by ${{ kind: 'angle', si: tilt }}.`,
        reason: sentence`This lowers the back rim by ${{ kind: 'gap', si: lower }}; it is only ${{ kind: 'gap', si: spill.rimAboveLip }} above the lip. A spill there is easily mistaken for evaporation. Fit the foot or level the filter.`,
        layers: [],
      },
    ];
  },
});
