import { SECONDS_A_DAY } from './dirtNumbers';
import { suspendedSolids } from './massBalance';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';

/**
 * Suspended solids of every size, kg/m³: what is made against what the filters catch and what settles.
 *
 * @param made kg a day by size
 * @param left kg by size that slices refused in the step before
 * @param settles 1/day by size
 * @param volume of the tank, m³
 * @param length of the step, days
 * @param into answers are written here
 */
export function balanceStep(
  filters: readonly SimulationState[],
  made: Float64Array,
  left: Float64Array,
  settles: Float64Array,
  volume: number,
  length: number,
  into: Float64Array,
): void {
  for (let size = 0; size < SIZES; size += 1) {
    let cleared = 0;
    for (const { capture } of filters) cleared += capture.whole[size]! * SECONDS_A_DAY;
    into[size] = suspendedSolids(made[size]! + left[size]! / length, cleared, settles[size]!, volume);
  }
}
