import type { Range } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { airPressure } from '../water/airPressure';
import { oxygenSaturation } from '../water/oxygenSaturation';
import { borneLoad } from './borneLoad';
import { filmElsewhere } from './filmElsewhere';
import { nitrogenPerDay } from './nitrogenPerDay';
import { LIMITS, NITRIFIERS, type NitrifierKey } from './nitrifiers';

/** How far published biofilters lie apart in what a m² takes up, as a factor either way (from memory; 10–90 %). */
const UPTAKE_APART = 1.5;

/** For how many times today’s food a tank’s bacteria are enough once they have grown. */
export interface BacteriaCover {
  /** With the film that lives in the tank itself, and with that of the filters alone. */
  readonly withTank: Range;
  readonly filtersAlone: Range;
  /** Which of the two comes to its limit first. */
  readonly limitedBy: NitrifierKey;
}

/**
 * How much more food a tank’s bacteria could bear: the load at which ammonia or nitrite comes to its limit in the steady
 * state, over today’s. Null when nobody has said what is fed, or nothing is.
 *
 * @param surface in the filters on which a film can live and through which the water passes, m²
 * @source {@link borneLoad}. The range: food, usable surface, film in the tank and what a m² takes up, each on its own,
 *   added as squares of logarithms.
 */
export function bacteriaCover(tank: Tank, surface: Range): BacteriaCover | null {
  const load = nitrogenPerDay(tank);
  if (load === null || load.likely <= 0) return null;
  const oxygen = oxygenSaturation(tank.temperature, airPressure(tank.altitude));
  const perSurface = (key: NitrifierKey): number =>
    borneLoad(NITRIFIERS[key], 1, { nitrogen: LIMITS[key], oxygen, celsius: tank.temperature });
  const [ammonia, nitrite] = [perSurface('ammonia'), perSurface('nitrite')];
  const borne = Math.min(ammonia, nitrite);
  const inTank = filmElsewhere(tank);
  const coverOf = (elsewhere: Range): Range => {
    const at = (filters: number, other: number, fed: number): number => (borne * (filters + other)) / fed;
    const likely = at(surface.likely, elsewhere.likely, load.likely);
    const spread = (end: 'low' | 'high'): number => {
      const against = end === 'low' ? 'high' : 'low';
      return Math.hypot(
        ...[
          at(surface[end], elsewhere.likely, load.likely),
          at(surface.likely, elsewhere[end], load.likely),
          at(surface.likely, elsewhere.likely, load[against]),
          likely * (end === 'low' ? 1 / UPTAKE_APART : UPTAKE_APART),
        ].map((value) => (likely > 0 && value > 0 ? Math.log(value / likely) : 0)),
      );
    };
    return { low: likely * Math.exp(-spread('low')), likely, high: likely * Math.exp(spread('high')) };
  };
  return {
    withTank: coverOf(inTank),
    filtersAlone: coverOf({ low: 0, likely: 0, high: 0 }),
    limitedBy: ammonia <= nitrite ? 'ammonia' : 'nitrite',
  };
}
