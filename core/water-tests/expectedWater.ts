import type { UncertainTank, WaterBands } from '../biology/courseRange';
import { SAMPLES } from '../biology/cycleCourse';
import type { CycleEvent } from '../biology/cycleInput';
import { repackCourseDays, repackRange, type Repacked } from '../biology/repackCourse';
import { swapDays } from '../biology/swapCourse';
import { swapRange } from '../biology/swapRange';
import type { Swap } from '../filter/swap';
import type { LogEntry } from '../log/logEntry';
import { withoutPieces } from '../report/swapPieces';
import { DAY_MS, daysBetween } from '../units/daysBetween';

/** What a tank settles in from, and when that began; `rest`: nothing is under way. */
export interface ExpectedWater {
  readonly cause: 'swap' | 'repack' | 'rest';
  /** ISO moment of day 0. */
  readonly from: string;
  readonly days: number;
  readonly bands: WaterBands;
}

/** The last repack of a filter, as far as its bacteria go. */
export interface LastRepack {
  readonly at: string;
  readonly media: Repacked;
}

/** The water changes of a log as events of a course that begins on a day; new water brings no ammonia. */
export const changesSince = (log: readonly LogEntry[], from: string, days: number): CycleEvent[] =>
  log
    .flatMap((entry) =>
      entry.kind === 'water change'
        ? [
            {
              day: daysBetween(from, entry.at),
              water: { share: entry.share, fresh: { ammonia: 0, nitrite: 0, nitrate: 0 } },
            },
          ]
        : [],
    )
    .filter(({ day }) => day > 0 && day < days)
    .sort((a, b) => a.day - b.day);

/** Share of the bacteria that a repack may cost unnoticed: what a squeeze of all foam takes (calibrated). */
const UNFELT_LOSS = 0.3;

/** True where a repack changed so much of the bacteria that the water may show it. */
const isFelt = ({ newTank, kept }: Repacked): boolean => newTank || kept < 1 - UNFELT_LOSS;

/** Media of a tank to which nothing was done. */
const undisturbed = ({ staying, zeolite }: UncertainTank): Repacked => ({
  before: staying,
  after: staying,
  kept: 1,
  newTank: false,
  zeolite: { before: zeolite, after: zeolite, stays: zeolite?.capacity ?? 0 },
});

/**
 * What ammonia and nitrite are expected to do now: through a running swap, else after the last repack, else at rest.
 *
 * @param now ISO moment
 */
export function expectedWater(
  tank: UncertainTank,
  swap: Swap | null,
  repack: LastRepack | null,
  log: readonly LogEntry[],
  now: string,
): ExpectedWater {
  if (swap !== null && swap.begunOn !== null) {
    const from = `${swap.begunOn}T00:00:00Z`;
    const days = swapDays(swap.stages);
    const changes = changesSince(log, from, days);
    const bands = swapRange(withoutPieces(tank, swap.pieces), swap.pieces, swap.stages, days, changes);
    return { cause: 'swap', from, days, bands };
  }
  const recent =
    repack !== null && isFelt(repack.media) && daysBetween(repack.at, now) <= repackCourseDays(repack.media)
      ? repack
      : null;
  const days = repackCourseDays(recent?.media ?? null);
  const from = recent?.at ?? new Date(Date.parse(now) - (days / 2) * DAY_MS).toISOString();
  const media = recent?.media ?? undisturbed(tank);
  return {
    cause: recent === null ? 'rest' : 'repack',
    from,
    days,
    bands: repackRange(tank, media, changesSince(log, from, days), days),
  };
}

/** What was expected at a moment, kg N/m³; the ends of the course hold before and after it. */
export function expectedAt({ bands, from }: ExpectedWater, key: keyof WaterBands, at: string) {
  const band = bands[key];
  const sample = Math.min(band.likely.length - 1, Math.max(0, Math.round(daysBetween(from, at) * SAMPLES)));
  return { low: band.low[sample]!, likely: band.likely[sample]!, high: band.high[sample]! };
}
