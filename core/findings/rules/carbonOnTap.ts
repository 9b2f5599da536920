import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';
import { sumOf } from '../../maths/sum';

/**
 * Carbon in the filter of a keeper who runs the tap water through carbon: the same work twice.
 *
 * @source common practice, no source
 */
export const carbonOnTap = defineRule({
  id: 'carbon-on-tap',
  question: 'cost',
  levels: ['note'],
  school: 'tapWater',
  judge: ({ inFlow, schools }) => {
    const carbon = inFlow.filter((placed) => placed.medium.family === 'carbon');
    if (carbon.length === 0 || schools.tapWater !== 'carbon') return [];
    const volume = sumOf(carbon, ({ measure }) => measure.volume);
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`There is carbon in the filter, but you treat your tap water with carbon.`,
        reason: sentence`No chlorine reaches this filter, so the carbon only removes tint and smell and takes up ${{ kind: 'volume', si: volume }}. Use the space for biological media and keep carbon for medicine or new wood.`,
        layers: idsOf(carbon),
      },
    ];
  },
});
