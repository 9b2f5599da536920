/** A value between two bounds, with what is most likely. */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** Where a likely range begins and ends: four of five cases lie within. */
export const RANGE_LOW = 0.1;
export const RANGE_HIGH = 0.9;
/**
 * Standard deviations from the mean of a normal variable to the ends of its likely range, written out: pages load it without
 * the function (`range.test.ts` holds it to that).
 */
export const RANGE_DEVIATE = 1.2815515655446004;
