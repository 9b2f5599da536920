import { sentence } from '../../units/sentence';
import type { Tank } from '../../tank/tank';
import { defineRule } from '../defineRule';

/** Share of the water’s depth down to which an intake should reach, and how near the ground it may come, m (common practice, no source). */
const DEEP_ENOUGH = 0.5;
const OFF_THE_GROUND = 0.03;

/** Depth of the water over the substrate, m; null where the tank was not measured. */
function waterDepth({ water }: Tank): number | null {
  return water.how === 'measured' ? water.fill - water.substrate.depth : null;
}

/**
 * Dirt lies at the bottom: the intake reaches down to it, a little above the substrate.
 *
 * @source common practice, no source
 */
export const intakeDepth = defineRule({
  id: 'intake-depth',
  question: 'through',
  levels: ['note'],
  judge: ({ tank, filter }) => {
    const depth = waterDepth(tank);
    if (depth === null) return [];
    return filter.intakes.flatMap((intake, index) => {
      if (intake.depth === null) return [];
      const name = filter.intakes.length > 1 ? `Intake ${index + 1}` : 'The intake';
      const base = { layers: [], effect: 0.2 };
      if (intake.depth > depth - OFF_THE_GROUND)
        return [
          {
            ...base,
            level: 'note' as const,
            title: sentence`${name} ends ${{ kind: 'length', si: Math.max(0, depth - intake.depth) }} above the substrate.`,
            reason: sentence`Sand and gravel can get in and wear out the impeller. Raise it to a few centimetres above the substrate.`,
          },
        ];
      if (intake.depth >= DEEP_ENOUGH * depth) return [];
      return [
        {
          ...base,
          level: 'note' as const,
          title: sentence`${name} reaches only ${{ kind: 'length', si: intake.depth }} into ${{ kind: 'length', si: depth }} of water.`,
          reason: sentence`Most dirt stays near the bottom. Lower the intake to a little above the substrate; fit an extension if you need one.`,
        },
      ];
    });
  },
});
