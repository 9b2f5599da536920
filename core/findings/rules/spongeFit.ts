import { spongeBore } from '../../filter/addIntakeSponge';
import { intakeSponge } from '@/core/filter/intakeSponge';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Looser than this and water and fry go past; tighter and the sleeve splits, m (common practice, no source). */
const MIN_OVERLAP = 0.001;
const MAX_OVERLAP = 0.004;

/**
 * A sleeve on a tube it does not fit.
 *
 * @source geometry; the overlap is calibrated
 */
export const spongeFit = defineRule({
  id: 'sponge-fit',
  question: 'through',
  levels: ['check'],
  judge: ({ filter, inFlow }) => {
    const sponge = intakeSponge(filter);
    const tube = filter.intakes[0]?.tube ?? null;
    if (sponge === null || tube === null) return [];
    const bore = spongeBore(sponge);
    const loose = bore > tube + MIN_OVERLAP;
    if (!loose && bore >= tube - MAX_OVERLAP) return [];
    return [
      {
        level: 'check',
        effect: 0.2,
        title: sentence`The hole in the sponge is ${{ kind: 'gap', si: bore }}; the intake tube is ${{ kind: 'gap', si: tube }}.`,
        reason: loose
          ? sentence`Water and fry get in beside it, and it slips off. Pack the gap with an off-cut of foam.`
          : sentence`If you force it on, it splits. Use a wider sponge, or widen the hole.`,
        layers: inFlow.filter((placed) => placed.chamber === sponge).map((placed) => placed.layer.id),
      },
    ];
  },
});
