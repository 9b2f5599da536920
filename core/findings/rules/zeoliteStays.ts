import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf } from './words';

/** Zeolite in the pack: an insurance that takes the film’s food, a home for bacteria, or never wanted, by school. */
export const zeoliteStays: Rule = ({ inFlow, schools }) => {
  const zeolite = inFlow.filter((placed) => placed.medium.family === 'zeolite');
  if (zeolite.length === 0) return [];
  const surface = zeolite.reduce((sum, { measure }) => sum + measure.surface, 0);
  const shared = { rule: 'zeolite-stays', school: 'zeolite' as const, layers: idsOf(zeolite) };
  if (schools.zeolite === 'porous home')
    return [
      {
        ...shared,
        level: 'note',
        effect: 0,
        title: sentence`Zeolite stays in as a home for bacteria.`,
        reason: sentence`A choice: it gives ${{ kind: 'surface', si: surface }} of surface, and takes ammonia for the first weeks only. Salt makes it give ammonia back: take it out before salt goes in.`,
      },
    ];
  if (schools.zeolite === 'emergency')
    return [
      {
        ...shared,
        level: 'note',
        effect: 0,
        title: sentence`Zeolite is in the filter: for a spike of ammonia only.`,
        reason: sentence`It is used up in days alone, in weeks beside a mature filter, and takes the food of the bacteria all the while. Take it out once the tests stay at zero, then test for a week.`,
      },
    ];
  return [
    {
      ...shared,
      level: 'check',
      effect: 0.2,
      title: sentence`Zeolite is in the filter, and your choice is none.`,
      reason: sentence`It takes the food of the bacteria and is used up within weeks. Take it out, then test ammonia for a week: the film has to make up for it.`,
      remedy: {
        label: 'Remove the zeolite',
        edit: {
          type: 'all',
          edits: zeolite.map(({ layer }) => ({ type: 'remove' as const, layerId: layer.id })),
        },
      },
    },
  ];
};
