import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';
import { sumOf } from '../../maths/sum';

/**
 * Zeolite in the pack: an insurance that takes the film’s food, a home for bacteria, or never wanted, by school.
 *
 * @source common practice, no source
 */
export const zeoliteStays = defineRule({
  id: 'zeolite-stays',
  question: 'bacteria',
  levels: ['check', 'note'],
  school: 'zeolite',
  judge: ({ inFlow, schools }) => {
    const zeolite = inFlow.filter((placed) => placed.medium.family === 'zeolite');
    if (zeolite.length === 0) return [];
    const surface = sumOf(zeolite, ({ measure }) => measure.surface);
    const shared = { layers: idsOf(zeolite) };
    if (schools.zeolite === 'porous home')
      return [
        {
          ...shared,
          level: 'note',
          effect: 0,
          title: sentence`Zeolite stays in to house bacteria.`,
          reason: sentence`This is your choice: it gives ${{ kind: 'surface', si: surface }} of surface, but takes up ammonia only for the first weeks. Take it out before you add salt, which makes it release the ammonia.`,
        },
      ];
    if (schools.zeolite === 'emergency')
      return [
        {
          ...shared,
          level: 'note',
          effect: 0,
          title: sentence`Zeolite is in the filter. It is only for an ammonia spike.`,
          reason: sentence`It is used up within days to weeks and takes food from the bacteria. Take it out once ammonia tests stay at zero, then test for another week.`,
        },
      ];
    return [
      {
        ...shared,
        level: 'check',
        effect: 0.2,
        title: sentence`Zeolite is in the filter, but you chose to use none.`,
        reason: sentence`It is used up within weeks and takes food from the bacteria. Take it out, then test ammonia for a week while the bacteria catch up.`,
        remedy: {
          label: 'Remove the zeolite',
          edit: {
            type: 'all',
            edits: zeolite.map(({ layer }) => ({ type: 'remove' as const, layerId: layer.id })),
          },
        },
      },
    ];
  },
});
