import { RANGE_DEVIATE, RANGE_HIGH, RANGE_LOW, type Range } from '../maths/range';
import { normalSample } from '../maths/normalSample';
import type { SwapTank } from './swapCourse';

/** A tank of which food, film outside the filter and surface of its media are known as ranges. */
export interface UncertainTank extends SwapTank {
  readonly loadRange: Range;
  readonly outsideRange: Range;
  /** Of the media in the filters, m². */
  readonly surfaceRange: Range;
}

/** The likely range of one value, four times a day; kg N/m³. */
export interface UncertaintyBand {
  readonly low: Float64Array;
  readonly likely: Float64Array;
  readonly high: Float64Array;
}

/** The likely ranges of what a keeper tests for. */
export interface WaterBands {
  readonly ammonia: UncertaintyBand;
  readonly nitrite: UncertaintyBand;
}

type Course = { readonly ammonia: Float64Array; readonly nitrite: Float64Array };

/** Runs of a range. */
const RUNS = 24;

/** A value drawn around the likely one; its range ends where one in ten lies beyond. */
const drawn = ({ low, likely, high }: Range, deviate: number): number => {
  const end = deviate < 0 ? low : high;
  return likely > 0 && end > 0 ? likely * (end / likely) ** (Math.abs(deviate) / RANGE_DEVIATE) : likely;
};

/** The tank at the careful end of its range: more food, and less film outside the filter. What a plan must hold for. */
export const cautiousTank = (tank: UncertainTank): UncertainTank => ({
  ...tank,
  load: tank.loadRange.high,
  outside: tank.outsideRange.low,
});

/**
 * The likely range of a course: food, film in the tank and surface of the media are drawn anew for each run.
 *
 * @param course the course of a tank, with all surfaces of media that many times the likely ones
 * @source Latin hypercube sample; log-normal between the ends of each range.
 */
export function courseRange(
  tank: UncertainTank,
  course: (tank: SwapTank, surfaces: number) => Course,
): WaterBands {
  const likely = course(tank, 1);
  const runs = normalSample(RUNS, 3, 1).map(([fed = 0, other = 0, media = 0]) => {
    const { surfaceRange } = tank;
    const factor = surfaceRange.likely > 0 ? drawn(surfaceRange, media) / surfaceRange.likely : 1;
    return course(
      {
        ...tank,
        load: drawn(tank.loadRange, fed),
        outside: drawn(tank.outsideRange, other),
        staying: tank.staying * factor,
      },
      factor,
    );
  });
  const band = (key: keyof Course): UncertaintyBand => {
    const column = new Float64Array(RUNS);
    const [low, high] = [new Float64Array(likely[key].length), new Float64Array(likely[key].length)];
    for (let sample = 0; sample < low.length; sample += 1) {
      runs.forEach((run, index) => {
        column[index] = run[key][sample]!;
      });
      column.sort();
      low[sample] = column[Math.floor(RANGE_LOW * (RUNS - 1))]!;
      high[sample] = column[Math.ceil(RANGE_HIGH * (RUNS - 1))]!;
    }
    return { low, likely: likely[key], high };
  };
  return { ammonia: band('ammonia'), nitrite: band('nitrite') };
}
