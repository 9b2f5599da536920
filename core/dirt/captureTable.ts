import { captureFraction } from './captureFraction';
import { sizeCoefficient, type Collector } from './filterCoefficient';
import { SIZE_CLASSES, SIZES } from './sizeClasses';

/** Points of a table, and numbers at each point for one size. */
const POINTS = 192;
/** What clean media need: nothing sits in them. */
export const CLEAN_POINTS = 2;
export const TABLE_NUMBERS = 4;
/** Numbers at a point. */
export const TABLE_ROW = SIZES * TABLE_NUMBERS;

/** What a bed does to every size of dirt, by its deposit: looked up, since a simulation asks for it at every slice and step. */
export interface CaptureTable {
  readonly collector: Collector;
  readonly ultimate: number;
  readonly values: Float64Array;
  /** 1 where a point has been written. */
  readonly written: Uint8Array;
}

/** Most tables that are kept. */
const MAX_TABLES = 200;

/** Tables by what they are made of: simulations that differ in other numbers share them. */
const tables = new Map<string, CaptureTable>();

/**
 * A table of {@link sizeCoefficient} from no deposit to the most that sticks, the points closer where little sits, for a bed in
 * which every touch sticks: how many do is a factor on it. Points are written when they are first asked for.
 *
 * @param ultimate deposit at which nothing sticks any more, share of the bed
 * @param points how many, 2 or more
 */
export function captureTable(collector: Collector, ultimate: number, points = POINTS): CaptureTable {
  const { long, solids, solidSize, pore, looseness } = collector;
  const key = [long, solids, solidSize, pore, looseness, ultimate, points].join();
  const known = tables.get(key);
  if (known !== undefined) return known;
  if (tables.size >= MAX_TABLES) tables.clear();
  const table = {
    collector: { ...collector, attachment: 1 },
    ultimate,
    values: new Float64Array(points * TABLE_ROW),
    written: new Uint8Array(points),
  };
  tables.set(key, table);
  return table;
}

function writePoint({ collector, ultimate, values, written }: CaptureTable, point: number): void {
  const deposit = ultimate * (point / (written.length - 1)) ** 2;
  SIZE_CLASSES.forEach(({ diameter }, size) => {
    const { most, touched, perLimit, strained } = sizeCoefficient(collector, deposit, diameter);
    const index = point * TABLE_ROW + size * TABLE_NUMBERS;
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
 * λ of one size between two points of a table, 1/m; see coefficientAt. Within 1e-4 of the equations.
 *
 * @param values of the table
 * @param index where the size stands at the point before: point · TABLE_ROW + size · TABLE_NUMBERS
 * @param part how far on to the next point, 0–1
 * @param slowly speed at which the size sinks over the speed of the water before the bed
 * @param attachment share of touches that stick, 0–1
 */
export function tableCoefficient(
  values: Float64Array,
  index: number,
  part: number,
  slowly: number,
  attachment: number,
): number {
  const next = index + TABLE_ROW;
  const most = values[index]!;
  const touched = values[index + 1]!;
  const perLimit = values[index + 2]!;
  const strained = values[index + 3]!;
  return (
    attachment *
      (most + part * (values[next]! - most)) *
      captureFraction(
        touched +
          part * (values[next + 1]! - touched) +
          (perLimit + part * (values[next + 2]! - perLimit)) * slowly,
      ) +
    strained +
    part * (values[next + 3]! - strained)
  );
}
