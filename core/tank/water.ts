import { z } from 'zod';
import { WATER_BOUNDS } from './waterBounds';
import { bounded } from '../units/bounded';
import { TankShapeSchema } from './tankShape';

/** What stands in the water: its room, or its weight and how heavy a litre of it is. */
export const HardscapeSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('volume'), volume: bounded(WATER_BOUNDS.hardscapeVolume) }),
  z.object({
    by: z.literal('weight'),
    mass: bounded(WATER_BOUNDS.hardscapeMass),
    density: bounded(WATER_BOUNDS.hardscapeDensity),
  }),
]);

/** How much water there is: known, or from the inside of the tank and what it holds. Lengths m from the inside floor. */
export const WaterSchema = z.discriminatedUnion('how', [
  z.object({ how: z.literal('known'), volume: bounded(WATER_BOUNDS.volume).describe('Net, m³') }),
  z
    .object({
      how: z.literal('measured'),
      shape: TankShapeSchema,
      fill: bounded(WATER_BOUNDS.fill),
      substrate: z.object({
        depth: bounded(WATER_BOUNDS.substrateDepth),
        porosity: bounded(WATER_BOUNDS.substratePorosity),
      }),
      hardscape: HardscapeSchema,
    })
    .superRefine((water, context) => {
      if (water.fill > water.shape.height)
        context.addIssue({
          code: 'custom',
          path: ['fill'],
          message: 'The water level is above the top of the tank. Lower the level, or make the tank taller.',
        });
      if (water.substrate.depth > water.fill)
        context.addIssue({
          code: 'custom',
          path: ['substrate', 'depth'],
          message: 'The substrate is above the water. Make it shallower.',
        });
    }),
]);
export type Water = z.infer<typeof WaterSchema>;
export type MeasuredWater = Extract<Water, { how: 'measured' }>;
