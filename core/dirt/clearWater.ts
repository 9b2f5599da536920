import { feedPerDay } from '../tank/feedPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import type { CloggingSimulation } from './cloggingSimulation';
import { DIRT_SPREAD, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { settlingRates, suspendedSolids } from './massBalance';
import { feedUncertainty } from './feedUncertainty';
import { SIZE_CLASSES, SIZES } from './sizeClasses';
import { DAY } from '../units/time';
import { RANGE_DEVIATE, type Range } from '../maths/range';
import { solveFalling } from '../maths/solveFalling';
import { sumOf } from '../maths/sum';

/** Dirt below this makes water look cloudy and takes days to settle, m (calibrated). */
export const MAX_FINES_DIAMETER = 100e-6;
/** A cloud is gone when this share of it is left. */
const CLEARED_SHARE = 0.1;
/** Share of the time of the slowest size to which the clearing time is found. */
const CLEARING_TOLERANCE = 1e-6;

/** How clear a tank’s water is in its steady state. */
export interface ClearWater {
  /** Suspended solids, all and finer than 100 µm, kg/m³. */
  readonly solids: Range;
  readonly fines: Range;
  /** Time in which a cloud of fines falls to a tenth, s. */
  readonly clearing: number;
}

/** What filters clear, m³/s by size, for a share of touches that stick, 0–1. */
export type ClearedBy = (attachment: number) => ArrayLike<number>;

/**
 * Suspended solids in a tank and how fast it clears.
 *
 * @param clearedBy asked for the usual attachment, and for more
 * @source mass balance of a mixed tank per size, C = P/(Q·E + k_s·V); a cloud of one size falls to a tenth in
 *   ln 10·V/(Q·E + k_s·V), a mixture when its sizes together have. The range: what food, solids, attachment, settling
 *   and litter each do on their own, added as squares of logarithms.
 */
export function clearWater(tank: Tank, clearedBy: ClearedBy): ClearWater {
  const food = feedPerDay(tank);
  const volume = netVolume(tank.water).value;
  const usual = clearedBy(USUAL_DIRT.attachment);
  const suspended = (numbers: DirtNumbers, fed = 1, cleared = usual): { all: number; fine: number } => {
    const made = dirtProduction(tank, numbers, fed);
    const settles = settlingRates(tank, volume, numbers.settlingFactor);
    let [all, fine] = [0, 0];
    SIZE_CLASSES.forEach(({ diameter }, size) => {
      const part = suspendedSolids(made[size]!, cleared[size]! * DAY, settles[size]!, volume);
      all += part;
      if (diameter < MAX_FINES_DIAMETER) fine += part;
    });
    return { all, fine };
  };
  const likely = suspended(USUAL_DIRT);
  const others = [
    suspended(USUAL_DIRT, feedUncertainty(food)),
    ...VARIED_NUMBERS.map((key) => {
      const numbers = { ...USUAL_DIRT, [key]: USUAL_DIRT[key] * DIRT_SPREAD[key] };
      return suspended(numbers, 1, key === 'attachment' ? clearedBy(numbers.attachment) : usual);
    }),
  ];
  const rangeOf = (key: 'all' | 'fine'): Range => {
    const value = likely[key];
    if (value === 0) return { low: 0, likely: 0, high: 0 };
    const spread = Math.sqrt(sumOf(others, (other) => Math.log(other[key] / value) ** 2));
    return {
      low: value * Math.exp(-RANGE_DEVIATE * spread),
      likely: value,
      high: value * Math.exp(RANGE_DEVIATE * spread),
    };
  };
  return {
    solids: rangeOf('all'),
    fines: rangeOf('fine'),
    clearing: clearingTime(usual, settlingRates(tank, volume), volume),
  };
}

const VARIED_NUMBERS = ['solidsPerFood', 'attachment', 'settlingFactor', 'litterFactor'] as const;

/**
 * Time in which a cloud of fines, in the sizes in which food makes them, falls to a tenth, s.
 *
 * @param cleared m³/s by size
 * @param settles 1/day by size
 * @param volume of the tank, m³
 */
export function clearingTime(cleared: ArrayLike<number>, settles: ArrayLike<number>, volume: number): number {
  const parts = SIZE_CLASSES.flatMap(({ diameter, ofFood }, size) =>
    diameter < MAX_FINES_DIAMETER
      ? [{ share: ofFood, rate: cleared[size]! / volume + settles[size]! / DAY }]
      : [],
  );
  const whole = sumOf(parts, ({ share }) => share);
  const left = (time: number): number =>
    sumOf(parts, ({ share, rate }) => (share / whole) * Math.exp(-rate * time));
  // Between the time of the quickest and that of the slowest size; the share left only falls.
  const rates = parts.map(({ rate }) => rate);
  const slowest = Math.log(1 / CLEARED_SHARE) / Math.min(...rates);
  return solveFalling(
    (time) => left(time) - CLEARED_SHARE,
    Math.log(1 / CLEARED_SHARE) / Math.max(...rates),
    slowest,
    CLEARING_TOLERANCE * slowest,
  );
}

/** Suspended solids on a day of a simulation, all and fine, kg/m³, and how fast its filters clear a cloud of fines, s. */
export function clearOnDay(
  tank: Tank,
  { suspended, cleared }: Pick<CloggingSimulation, 'suspended' | 'cleared'>,
  day: number,
): { readonly solids: number; readonly fines: number; readonly clearing: number } {
  const volume = netVolume(tank.water).value;
  const today = suspended.subarray(day * SIZES, (day + 1) * SIZES);
  const below = (least: number): number =>
    today.reduce((all, part, size) => (SIZE_CLASSES[size]!.diameter < least ? all + part : all), 0);
  return {
    solids: below(Infinity),
    fines: below(MAX_FINES_DIAMETER),
    clearing: clearingTime(
      cleared.subarray(day * SIZES, (day + 1) * SIZES),
      settlingRates(tank, volume),
      volume,
    ),
  };
}
