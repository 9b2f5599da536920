import { z } from 'zod';
import { bounded, type Bounds } from '../units/bounds';
import { netVolume } from './netVolume';
import type { Plants } from './plants';
import type { Water } from './water';

export const LITTER_BOUNDS = {
  perDay: { what: 'Plant litter a day', kind: 'feed', min: 0, max: 0.1 },
} as const satisfies Record<string, Bounds>;

/** Dead leaf and root that comes loose, dry kg a day, and whether plants float where an intake can draw them. */
export const LitterSchema = z.object({
  perDay: bounded(LITTER_BOUNDS.perDay).nullable().describe('Dry, kg; null: usual of the planting'),
  floating: z.boolean().describe('Plants float on the water'),
});

export type Litter = z.infer<typeof LitterSchema>;

/** Litter that comes loose of a cubic metre of planted water in a day, dry kg (calibrated: a leaf or two per 100 L). */
const USUAL: Readonly<Record<Plants, number>> = { none: 0, some: 0.2e-3, dense: 0.6e-3 };

/** Litter of a usual tank of this planting, dry kg a day. */
export const usualLitter = (tank: { readonly plants: Plants; readonly water: Water }): number =>
  USUAL[tank.plants] * netVolume(tank.water).value;

/** Litter of a tank, dry kg a day: as weighed, or usual of its planting. */
export const litterPerDay = (tank: {
  readonly plants: Plants;
  readonly water: Water;
  readonly litter: Litter;
}): number => tank.litter.perDay ?? usualLitter(tank);
