import { suspendedSolids } from './massBalance';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { DAY } from '../units/time';

/** What all filters of a tank clear, m³/s by size. */
export function clearedBy(filters: readonly SimulationState[]): Float64Array {
  const cleared = new Float64Array(SIZES);
  for (const { capture } of filters)
    for (let size = 0; size < SIZES; size += 1) cleared[size] = cleared[size]! + capture.whole[size]!;
  return cleared;
}

/**
 * Suspended solids of every size, kg/m³: what is made against what the filters catch and what settles.
 *
 * @param made kg a day by size
 * @param settles 1/day by size
 * @param volume of the tank, m³
 * @param into answers are written here
 */
export function balanceStep(
  filters: readonly SimulationState[],
  made: Float64Array,
  settles: Float64Array,
  volume: number,
  into: Float64Array,
): void {
  const cleared = clearedBy(filters);
  for (let size = 0; size < SIZES; size += 1)
    into[size] = suspendedSolids(made[size]!, cleared[size]! * DAY, settles[size]!, volume);
}
