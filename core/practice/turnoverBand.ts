import { PER_HOUR } from '../units/siFactors';
import type { Animal } from '../tank/tank';

/** A span of turnover, 1/s, with the reason for it. */
export interface TurnoverBand {
  readonly low: number;
  readonly high: number;
  readonly why: string;
}

/** Below this a tank is a nano; above the next the band falls, until it is very large, m³ (common practice, no source). */
const NANO = 0.04;
const LARGE_TANK_FROM = 0.25;
const VERY_LARGE = 1;
/** Tanks an hour: usual, and in very large tanks, around five and three (common practice, no source). */
const USUAL_BAND = { low: 4, high: 6 } as const;
const IN_VERY_LARGE = { low: 2.5, high: 4 } as const;

const band = (low: number, high: number, why: string): TurnoverBand => ({
  low: low * PER_HOUR,
  high: high * PER_HOUR,
  why,
});

/**
 * Turnover that the trade asks of a tank: about 5 an hour, falling towards 3 in very large tanks, 20 and more in nano tanks; more for
 * animals of strong flow, less for those of still water and for fry. What the animals need comes before the size.
 *
 * @param tankVolume m³
 * @source common practice, no source; the bands for animals are calibrated around it.
 */
export function turnoverBand(tankVolume: number, animals: readonly Animal[]): TurnoverBand {
  if (animals.includes('still water') || animals.includes('fry'))
    return band(2, 5, 'right for fry and animals that need still water');
  if (animals.includes('strong flow')) return band(6, 12, 'right for animals that need strong flow');
  if (tankVolume < NANO) return band(8, 20, 'usual in a nano tank');
  // From large to very large the band falls evenly with the logarithm of the volume.
  const share = Math.min(
    1,
    Math.max(0, Math.log(tankVolume / LARGE_TANK_FROM) / Math.log(VERY_LARGE / LARGE_TANK_FROM)),
  );
  const between = (end: 'low' | 'high'): number =>
    USUAL_BAND[end] + share * (IN_VERY_LARGE[end] - USUAL_BAND[end]);
  return band(
    between('low'),
    between('high'),
    share === 0 ? 'usual' : share === 1 ? 'usual in a very large tank' : 'usual in a large tank',
  );
}
