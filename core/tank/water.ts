import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';
import { TankShapeSchema } from './tankShape';

export const WATER_BOUNDS = {
  volume: { what: 'Water in the tank', kind: 'volume', min: 1e-3, max: 50 },
  fill: { what: 'Water level', kind: 'length', min: 0, max: 10, aboveMin: true },
  substrateDepth: { what: 'Substrate depth', kind: 'length', min: 0, max: 2 },
  substratePorosity: { what: 'Water between the grains', kind: 'share', min: 0, max: 0.9 },
  hardscapeVolume: { what: 'Volume of rock and wood', kind: 'volume', min: 0, max: 20 },
  hardscapeMass: { what: 'Weight of the rock', kind: 'mass', min: 0, max: 20000 },
  hardscapeDensity: { what: 'Weight per litre of rock', kind: 'density', min: 200, max: 8000 },
} as const satisfies Record<string, Bounds>;

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
