import type { Addition, Added } from '../tank/additions';
import { daysBetween } from '../units/daysBetween';

/** Dissolved carbon that comes into the water on a day, counted from when the carbon went in, and over some time. */
export interface OrganicsAdded {
  /** Day on which it begins; before 0 it was in the water first. */
  readonly day: number;
  /** In all, kg. */
  readonly carbon: number;
  /** Days in which half of what is left comes out; 0: all at once. */
  readonly half: number;
}

/** Dissolved carbon that a new piece of wood gives off, kg (calibrated: carbon lasts about half as long beside it). */
const WOOD_CARBON = 1e-3;
/** Days in which half of it is out: wood tints the water for one to three months (common practice, no source). */
const WOOD_HALF = 21;
/** Carbon of a course of medicine in the water, kg/m³ (from memory: doses of dyes and drugs are a few mg/L). */
const MEDICINE_CARBON = 3e-3;
/** Days for which a medicine that was given before the carbon is still there to be taken out (common practice). */
const MEDICINE_STAYS = 14;

/**
 * What the things put into a tank mean for its carbon. Bottles of bacteria and digesters mean nothing.
 *
 * @param since ISO date or moment at which the carbon went in
 * @param volume of the water, m³
 */
export function organicsAdded(added: readonly Added[], since: string, volume: number): OrganicsAdded[] {
  const of: Readonly<Partial<Record<Addition, Omit<OrganicsAdded, 'day'>>>> = {
    'new wood': { carbon: WOOD_CARBON, half: WOOD_HALF },
    medicine: { carbon: MEDICINE_CARBON * volume, half: 0 },
  };
  return added.flatMap(({ what, at }) => {
    const source = of[what];
    const day = daysBetween(since, at);
    return source === undefined || (source.half === 0 && day < -MEDICINE_STAYS) ? [] : [{ ...source, day }];
  });
}

/** Of what was added, how much the carbon meets by a day, kg. */
export function organicsReleasedBy({ day: begins, carbon, half }: OrganicsAdded, day: number): number {
  if (day < begins) return 0;
  if (half === 0) return carbon;
  const left = (at: number): number => 2 ** (-Math.max(0, at - begins) / half);
  return carbon * (left(0) - left(day));
}
