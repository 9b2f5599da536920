import type { Swap, SwapStage } from '../filter/swap';
import type { Range } from '../tank/feedPerDay';
import { normalSample } from '../units/normalSample';
import { swapCourse, swapDays, type SwapTank } from './swapCourse';

/** A tank of which food and film outside the filter are known as ranges; the surface of media as a share either way. */
export interface UncertainSwapTank extends SwapTank {
  readonly loadRange: Range;
  readonly outsideRange: Range;
  readonly surfaceRange: Range;
}

/** The likely range of one value, four times a day; kg N/m³. */
export interface Band {
  readonly low: Float64Array;
  readonly likely: Float64Array;
  readonly high: Float64Array;
}

/** Runs of the range. */
const RUNS = 24;
const [LOW, HIGH] = [0.1, 0.9];
/** Normal deviate of the ends of a likely range: a tenth lies beyond each. */
const END = 1.2816;

/** A value drawn around the likely one; the ends of its range are what one in ten lies beyond. */
const drawn = ({ low, likely, high }: Range, deviate: number): number => {
  const end = deviate < 0 ? low : high;
  return likely > 0 && end > 0 ? likely * (end / likely) ** (Math.abs(deviate) / END) : likely;
};

/** Tank at the careful end of its range: more food, and less film than is likely outside the filter. */
export const cautiousTank = (tank: UncertainSwapTank): SwapTank => ({
  ...tank,
  load: tank.loadRange.high,
  outside: tank.outsideRange.low,
});

/**
 * The likely range of ammonia and nitrite through a swap: four of five runs lie within, with food, film in the tank and
 * surface of the media drawn anew for each.
 *
 * @source Latin hypercube sample; log-normal between the ends of each range.
 */
export function swapRange(
  tank: UncertainSwapTank,
  pieces: Swap['pieces'],
  stages: readonly Pick<SwapStage, 'day' | 'parts'>[],
  days = swapDays(stages),
): { readonly ammonia: Band; readonly nitrite: Band } {
  const likely = swapCourse(tank, pieces, stages, days);
  const runs = normalSample(RUNS, 3, 1).map(([fed = 0, other = 0, media = 0]) => {
    const factor = drawn(tank.surfaceRange, media) / Math.max(1e-9, tank.surfaceRange.likely);
    return swapCourse(
      {
        ...tank,
        load: drawn(tank.loadRange, fed),
        outside: drawn(tank.outsideRange, other),
        staying: tank.staying * factor,
      },
      pieces.map((piece) => ({
        ...piece,
        surface: piece.surface * factor,
        newSurface: piece.newSurface * factor,
      })),
      stages,
      days,
    );
  });
  const band = (key: 'ammonia' | 'nitrite'): Band => {
    const column = new Float64Array(RUNS);
    const [low, high] = [new Float64Array(likely[key].length), new Float64Array(likely[key].length)];
    for (let sample = 0; sample < low.length; sample += 1) {
      runs.forEach((run, index) => {
        column[index] = run[key][sample]!;
      });
      column.sort();
      low[sample] = column[Math.floor(LOW * (RUNS - 1))]!;
      high[sample] = column[Math.ceil(HIGH * (RUNS - 1))]!;
    }
    return { low, likely: likely[key], high };
  };
  return { ammonia: band('ammonia'), nitrite: band('nitrite') };
}
