import type { Tank } from '../tank/tank';
import { SIZE_CLASSES } from './sizeClasses';
import { HOUR } from '../units/time';
import { sumOf } from '../maths/sum';

/** Turnover by circulation pumps at which half as much settles, tanks an hour (calibrated). */
const HALVED_AT = 10;

/**
 * How fast each size settles in a tank, 1/day: a current keeps dirt suspended until it finds an intake.
 *
 * @param volume m³
 * @param factor how many times as fast as usual
 */
export function settlingRates(tank: Pick<Tank, 'circulation'>, volume: number, factor = 1): Float64Array {
  const moved = sumOf(tank.circulation, ({ flow }) => flow);
  const turns = (moved * HOUR) / volume;
  return new Float64Array(SIZE_CLASSES.map(({ settles }) => (factor * settles) / (1 + turns / HALVED_AT)));
}

/**
 * Suspended solids of one size in a tank when as much is made as is caught and settles, kg/m³.
 *
 * @param made kg a day
 * @param cleared flow that the filters clear of it, m³ a day
 * @param settles 1/day
 * @param volume m³
 * @source mass balance of a mixed tank, C = P/(Q·E + k_s·V).
 */
export const suspendedSolids = (made: number, cleared: number, settles: number, volume: number): number =>
  made / (cleared + settles * volume);
