import { ticks } from 'd3-array';

/** Where a value stands in a drawing, px. */
export interface LinearScale {
  (value: number): number;
  /** The value that stands at a place. */
  readonly invert: (px: number) => number;
  /** About so many round values of the domain, ends included where they are round. */
  readonly ticks: (count: number) => number[];
}

/**
 * A straight scale, with the round values of d3. The scale of d3 itself brings colours, formats and ways between any two
 * things along, 10 kB of every page with a drawing, of which a straight line needs none.
 *
 * @param domain two values, in any order
 * @param range where they stand, px
 * @example linearScale([0, 10], [100, 0])(2.5) // 75
 */
export function linearScale(
  [from, to]: readonly [number, number],
  [start, end]: readonly [number, number],
): LinearScale {
  const between = (value: number, low: number, high: number): number =>
    // A domain of no width stands in the middle, as it does with d3.
    high === low ? 0.5 : (value - low) / (high - low);
  return Object.assign((value: number) => start + between(value, from, to) * (end - start), {
    invert: (px: number) => from + between(px, start, end) * (to - from),
    ticks: (count: number) => ticks(from, to, count),
  });
}
