import { caughtIn } from './caughtIn';
import { sizeCoefficient, type Collector } from './filterCoefficient';
import { SIZE_CLASSES, SIZES } from './sizeClasses';

/** Points of a table, and numbers at each point for one size. */
const POINTS = 128;
/** What clean media need: nothing sits in them. */
export const CLEAN_POINTS = 2;
const NUMBERS = 4;

/** What a bed does to every size of dirt, by its deposit: looked up, since a simulation asks for it at every slice and step. */
export interface CaptureTable {
  readonly collector: Collector;
  readonly ultimate: number;
  readonly values: Float64Array;
  /** 1 where a point has been written. */
  readonly written: Uint8Array;
}

/**
 * A table of {@link sizeCoefficient} from no deposit to the most that sticks, the points closer where little sits.
 * Points are written when they are first asked for.
 *
 * @param ultimate deposit at which nothing sticks any more, share of the bed
 * @param points how many, 2 or more
 */
export const captureTable = (collector: Collector, ultimate: number, points = POINTS): CaptureTable => ({
  collector,
  ultimate,
  values: new Float64Array(points * SIZES * NUMBERS),
  written: new Uint8Array(points),
});

function writePoint({ collector, ultimate, values, written }: CaptureTable, point: number): void {
  const deposit = ultimate * (point / (written.length - 1)) ** 2;
  SIZE_CLASSES.forEach(({ diameter }, size) => {
    const { most, touched, perLimit, strained } = sizeCoefficient(collector, deposit, diameter);
    const index = (point * SIZES + size) * NUMBERS;
    values[index] = most;
    values[index + 1] = touched;
    values[index + 2] = perLimit;
    values[index + 3] = strained;
  });
  written[point] = 1;
}

/** A place in a table: its point, and how far on to the next, 0–1. */
export interface TablePlace {
  point: number;
  part: number;
}

/** Finds the place of a deposit in a table; written into `place`. */
export function placeIn(table: CaptureTable, deposit: number, place: TablePlace): void {
  const share = deposit / table.ultimate;
  const last = table.written.length - 1;
  const point = Math.min(last - 1, Math.floor(Math.sqrt(share) * last));
  // Points lie at squares: (n/N)² to ((n + 1)/N)².
  place.point = point;
  place.part = Math.min(1, (share * last * last - point * point) / (2 * point + 1));
  if (table.written[point] === 0) writePoint(table, point);
  if (table.written[point + 1] === 0) writePoint(table, point + 1);
}

/**
 * λ of one size at a place of a table, 1/m; see coefficientAt. Within 1e-4 of the equations.
 *
 * @param slowly speed at which the size sinks over the speed of the water before the bed
 */
export function tableCoefficient(
  { values }: CaptureTable,
  { point, part }: TablePlace,
  size: number,
  slowly: number,
): number {
  const index = (point * SIZES + size) * NUMBERS;
  const next = index + SIZES * NUMBERS;
  // Written out: a function in here would be made anew at every slice.
  const most = values[index]! + part * (values[next]! - values[index]!);
  const touched = values[index + 1]! + part * (values[next + 1]! - values[index + 1]!);
  const perLimit = values[index + 2]! + part * (values[next + 2]! - values[index + 2]!);
  const strained = values[index + 3]! + part * (values[next + 3]! - values[index + 3]!);
  return most * caughtIn(touched + perLimit * slowly) + strained;
}
