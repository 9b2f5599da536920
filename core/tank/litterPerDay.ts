import type { Litter } from './litter';
import { netVolume } from './netVolume';
import type { Plants } from './plants';
import type { Water } from './water';

/** Litter of a cubic metre of planted water that reaches the water in a day, dry kg, to within a factor of two (calibrated: 0.1 and 0.25 g per 100 L). */
const LITTER_PER_VOLUME: Readonly<Record<Plants, number>> = { none: 0, some: 1e-3, dense: 2.5e-3 };

/** Litter of a usual tank of this planting, dry kg a day. */
export const usualLitter = (tank: { readonly plants: Plants; readonly water: Water }): number =>
  LITTER_PER_VOLUME[tank.plants] * netVolume(tank.water).value;

/** Litter of a tank, dry kg a day: as weighed, or usual of its planting. */
export const litterPerDay = (tank: {
  readonly plants: Plants;
  readonly water: Water;
  readonly litter: Litter;
}): number => tank.litter.perDay ?? usualLitter(tank);
