import { DAYS_A_WEEK } from '../units/time';
import type { Range } from '../maths/range';
import type { Plants } from '../tank/plants';
import type { Routine } from '../tank/routine';

/** Share of the nitrogen that plants take up, 0–1, by planting (calibrated: plants eat what the animals give off). */
const PLANTS_TAKE: Readonly<Record<Plants, Range>> = {
  none: { low: 0, likely: 0, high: 0 },
  some: { low: 0.05, likely: 0.2, high: 0.4 },
  dense: { low: 0.3, likely: 0.6, high: 1 },
};

/** Where nitrate goes. kg N/m³. */
export interface NitrateBalance {
  /** How much it rises in a week. */
  readonly perWeek: Range;
  /** What it comes to just before a water change, after many of them; null while the water changes are unknown. */
  readonly beforeChange: Range | null;
}

/**
 * Nitrate against water changes, plants and what the keeper measured the filter to remove; by default it removes none.
 *
 * @param load kg N a day
 * @param volume of the tank, m³
 * @source a mass balance: what comes in between two changes is what a change takes out, C·w = rise + w·C_tap.
 */
export function nitrateBalance(
  load: Range,
  volume: number,
  plants: Plants,
  routine: Routine,
): NitrateBalance {
  const take = PLANTS_TAKE[plants];
  const perDay = (end: keyof Range, plantsTake: keyof Range): number =>
    Math.max(0, load[end] * (1 - take[plantsTake]) - routine.nitrateRemoved) / volume;
  const rise: Range = {
    low: perDay('low', 'high'),
    likely: perDay('likely', 'likely'),
    high: perDay('high', 'low'),
  };
  const by = (change: (value: number) => number): Range => ({
    low: change(rise.low),
    likely: change(rise.likely),
    high: change(rise.high),
  });
  const { waterChange, tapNitrate } = routine;
  return {
    perWeek: by((value) => value * DAYS_A_WEEK),
    beforeChange:
      waterChange === null
        ? null
        : by((value) => (value * waterChange.every) / waterChange.share + (tapNitrate ?? 0)),
  };
}
