import { caughtIn, LEAST_SPEED, sizeCoefficient, type Collector } from './filterCoefficient';
import { SIZE_CLASSES, SIZES } from './sizeClasses';

/** Points of a table, and numbers at each point for one size. */
const POINTS = 128;
const NUMBERS = 4;

/** What a bed does to every size of dirt, by its deposit: looked up, since a simulation asks for it at every slice and step. */
export interface CaptureTable {
  readonly ultimate: number;
  readonly values: Float64Array;
}

/**
 * Tabulates {@link sizeCoefficient} from no deposit to the most that sticks, the points closer where little sits.
 *
 * @param ultimate deposit at which nothing sticks any more, share of the bed
 */
export function captureTable(collector: Collector, ultimate: number): CaptureTable {
  const values = new Float64Array(POINTS * SIZES * NUMBERS);
  for (let point = 0; point < POINTS; point += 1) {
    const deposit = ultimate * (point / (POINTS - 1)) ** 2;
    SIZE_CLASSES.forEach(({ diameter }, size) => {
      const { most, touched, perLimit, strained } = sizeCoefficient(collector, deposit, diameter);
      values.set([most, touched, perLimit, strained], (point * SIZES + size) * NUMBERS);
    });
  }
  return { ultimate, values };
}

/**
 * λ of every size at a deposit and a speed of the water, 1/m; see coefficientAt. Within 1e-4 of the equations.
 *
 * @param deposit share of the bed, 0 or more
 * @param sinking speed of each size in still water, m/s
 * @param speed of the water before the bed, m/s
 * @param into the coefficients are written here, by size
 */
export function coefficientsAt(
  { ultimate, values }: CaptureTable,
  deposit: number,
  sinking: ArrayLike<number>,
  speed: number,
  into: Float64Array,
): void {
  const place = Math.min(POINTS - 1, Math.sqrt(deposit / ultimate) * (POINTS - 1));
  const point = Math.min(POINTS - 2, Math.floor(place));
  const low = (point / (POINTS - 1)) ** 2;
  const high = ((point + 1) / (POINTS - 1)) ** 2;
  const part = Math.min(1, (deposit / ultimate - low) / (high - low));
  const slow = 1 / Math.max(LEAST_SPEED, speed);
  let index = point * SIZES * NUMBERS;
  const next = SIZES * NUMBERS;
  for (let size = 0; size < SIZES; size += 1, index += NUMBERS) {
    const most = values[index]! + part * (values[index + next]! - values[index]!);
    const touched = values[index + 1]! + part * (values[index + next + 1]! - values[index + 1]!);
    const perLimit = values[index + 2]! + part * (values[index + next + 2]! - values[index + 2]!);
    const strained = values[index + 3]! + part * (values[index + next + 3]! - values[index + 3]!);
    into[size] = most * caughtIn(touched + perLimit * sinking[size]! * slow) + strained;
  }
}
