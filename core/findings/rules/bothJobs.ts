import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { isBiologicalOnly } from '../../layers/layerRole';
import { idsOf } from './words';

/** One medium for both jobs: foam alone is a school, a disposable cartridge throws its bacteria away. */
export const bothJobs: Rule = ({ inFlow, schools }) => {
  const foam = inFlow.filter((placed) => placed.medium.family === 'foam');
  const cartridges = inFlow.filter((placed) => placed.medium.family === 'cartridge');
  const biologicalOnly = inFlow.some(
    (placed) => isBiologicalOnly(placed.layer) && placed.role === 'biological',
  );
  return [
    ...(foam.length > 0 && !biologicalOnly && cartridges.length === 0
      ? [
          {
            rule: 'foam-only',
            level: 'note' as const,
            school: 'biologicalMedium' as const,
            effect: 0,
            title: sentence`The foam does both jobs.`,
            reason: sentence`A choice: with no other biological media its ${{ kind: 'surface', si: total(foam) }} count as surface for bacteria too. Squeeze one piece at a time, in old tank water, so that part of the film stays.`,
            layers: idsOf(foam),
          },
        ]
      : []),
    ...(cartridges.length > 0 && !biologicalOnly
      ? [
          {
            rule: 'one-for-all',
            level: schools.cartridges === 'rotate' ? ('note' as const) : ('check' as const),
            school: 'cartridges' as const,
            effect: 1,
            title: sentence`One disposable cartridge holds every job.`,
            reason: sentence`Dirt, carbon and bacteria sit on one pad: changing it throws the bacteria away. Cut foam in its place, or put a bag of biological media beside it, or change one cartridge a week and never all.`,
            layers: idsOf(cartridges),
          },
        ]
      : []),
  ];
};

const total = (layers: readonly { measure: { surface: number } }[]): number =>
  layers.reduce((sum, layer) => sum + layer.measure.surface, 0);
