import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { isBiologicalOnly } from '../../layers/layerRole';
import { idsOf } from './words';
import { sumOf } from '../../maths/sum';

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
            title: sentence`The foam is both mechanical and biological media.`,
            reason: sentence`You have no other biological media, so its ${{ kind: 'surface', si: total(foam) }} also count as surface for bacteria. Squeeze one piece at a time, in old tank water, to keep some of the bacteria.`,
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
            title: sentence`One disposable cartridge does everything.`,
            reason: sentence`When you change it, you throw the bacteria away. Fit cut foam instead, or put a bag of biological media beside it.`,
            layers: idsOf(cartridges),
          },
        ]
      : []),
  ];
};

const total = (layers: readonly { measure: { surface: number } }[]): number =>
  sumOf(layers, (layer) => layer.measure.surface);
