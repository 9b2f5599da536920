import type { Animal } from '../tank/tank';

/** A span of turnover, 1/s, with the reason for it. */
export interface TurnoverBand {
  readonly low: number;
  readonly high: number;
  readonly why: string;
}

const PER_HOUR = 1 / 3600;
/** Below this a tank is a nano, from this on very large, m³ (common practice, no source). */
const NANO = 0.03;
const VERY_LARGE = 1;

const band = (low: number, high: number, why: string): TurnoverBand => ({
  low: low * PER_HOUR,
  high: high * PER_HOUR,
  why,
});

/**
 * Turnover that the trade asks of a tank: about 5 an hour, 3 in very large tanks, 20 and more in nano tanks; more for
 * animals of strong flow, less for those of still water and for fry. What the animals need comes before the size.
 *
 * @param tankVolume m³
 * @source common practice, no source; the bands for animals are calibrated around it.
 */
export function turnoverBand(tankVolume: number, animals: readonly Animal[]): TurnoverBand {
  if (animals.includes('still water') || animals.includes('fry'))
    return band(2, 5, 'for still water and fry');
  if (animals.includes('strong flow')) return band(6, 12, 'for animals of strong flow');
  if (tankVolume < NANO) return band(10, 20, 'usual in a nano tank');
  if (tankVolume >= VERY_LARGE) return band(2.5, 4, 'usual in a very large tank');
  return band(4, 6, 'usual');
}
