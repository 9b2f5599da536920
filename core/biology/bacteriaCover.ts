import type { Range } from '../maths/range';
import type { Tank } from '../tank/tank';
import { airPressure } from '../water/airPressure';
import { oxygenSaturation } from '../water/oxygenSaturation';
import { airFilterSurface } from './airFilterSurface';
import { nitrificationCapacity } from './nitrificationCapacity';
import { inTankBacteriaSurface } from './inTankBacteriaSurface';
import { grownShareSince } from './retainedFilmShare';
import { nitrogenPerDay } from './nitrogenPerDay';
import { LIMITS, NITRIFIERS, type NitrifierKey } from './nitrifiers';
import type { FilmPlace } from './steadyState';
import { sumOf } from '../maths/sum';

/** How far published biofilters lie apart in what a m² takes up, as a factor either way (from memory; 10–90 %). */
export const UPTAKE_APART = 1.5;

/** The homes of bacteria of a tank: in its filters as they stand, and outside them. */
export interface Homes {
  /** With the likely surface. */
  readonly filters: readonly FilmPlace[];
  /** Likely surface of the filters, and its range, m². */
  readonly surface: Range;
}

/** For how many times today’s food a tank’s bacteria are enough once they have grown. */
export interface BacteriaCover {
  /** With the film that lives in the tank itself, and with that of the filters alone. */
  readonly withTank: Range;
  readonly filtersAlone: Range;
  /** Which of the two comes to its limit first. */
  readonly firstAtLimit: NitrifierKey;
}

/** Oxygen of water at equilibrium with the air over a tank, kg/m³. */
export const tankOxygen = (tank: Pick<Tank, 'temperature' | 'altitude'>): number =>
  oxygenSaturation(tank.temperature, airPressure(tank.altitude));

/** Surface for bacteria outside the filters that water is pumped through, m²: in the tank, and in air-driven filters. */
export function surfaceOutsideFilters(tank: Tank): Range {
  const [inTank, air] = [inTankBacteriaSurface(tank), airFilterSurface(tank.airFilters)];
  return { low: inTank.low + air.low, likely: inTank.likely + air.likely, high: inTank.high + air.high };
}

/**
 * Share of its film that has grown outside the filters, 0–1: a new air-driven filter has little.
 *
 * @param now ISO moment; null: all has grown
 */
export function grownShareOutsideFilters(tank: Tank, now: string | null): number {
  const whole = surfaceOutsideFilters(tank).likely;
  const missing = sumOf(
    tank.airFilters,
    (air) => airFilterSurface([air]).likely * (1 - grownShareSince(air.installedOn, now)),
  );
  return whole > 0 ? 1 - missing / whole : 1;
}

/** Capacity of grown films with the water at the limit of one bacterium, kg N a day. */
export const capacityOfFilms = (key: NitrifierKey, places: readonly FilmPlace[], celsius: number): number =>
  sumOf(places, ({ surface, oxygen }) =>
    nitrificationCapacity(NITRIFIERS[key], surface, { nitrogen: LIMITS[key], oxygen, celsius }),
  );

/**
 * How much more food a tank’s bacteria could process: the load at which ammonia or nitrite comes to its limit in the steady
 * state, over today’s. Null where nothing is fed.
 *
 * @source {@link nitrificationCapacity}. The range: food, usable surface, film in the tank and what a m² takes up, each on its own,
 *   added as squares of logarithms.
 */
export function bacteriaCover(tank: Tank, { filters, surface }: Homes): BacteriaCover | null {
  const load = nitrogenPerDay(tank);
  if (load.likely <= 0) return null;
  const celsius = tank.temperature;
  const oxygen = tankOxygen(tank);
  const perOutside = (key: NitrifierKey): number => capacityOfFilms(key, [{ surface: 1, oxygen }], celsius);
  const inFilters = {
    ammonia: capacityOfFilms('ammonia', filters, celsius),
    nitrite: capacityOfFilms('nitrite', filters, celsius),
  };
  const per = { ammonia: perOutside('ammonia'), nitrite: perOutside('nitrite') };
  const borne = (share: number, outside: number): number =>
    Math.min(
      share * inFilters.ammonia + outside * per.ammonia,
      share * inFilters.nitrite + outside * per.nitrite,
    );
  const shareOf = (end: keyof Range): number => (surface.likely > 0 ? surface[end] / surface.likely : 1);
  const coverOf = (outside: Range): Range => {
    const at = (share: number, other: number, fed: number): number => borne(share, other) / fed;
    const likely = at(1, outside.likely, load.likely);
    const spread = (end: 'low' | 'high'): number => {
      const against = end === 'low' ? 'high' : 'low';
      return Math.hypot(
        ...[
          at(shareOf(end), outside.likely, load.likely),
          at(1, outside[end], load.likely),
          at(1, outside.likely, load[against]),
          likely * (end === 'low' ? 1 / UPTAKE_APART : UPTAKE_APART),
        ].map((value) => (likely > 0 && value > 0 ? Math.log(value / likely) : 0)),
      );
    };
    return { low: likely * Math.exp(-spread('low')), likely, high: likely * Math.exp(spread('high')) };
  };
  const outside = surfaceOutsideFilters(tank);
  const nothing = { low: 0, likely: 0, high: 0 };
  return {
    withTank: coverOf(outside),
    filtersAlone: coverOf(nothing),
    firstAtLimit:
      inFilters.ammonia + outside.likely * per.ammonia <= inFilters.nitrite + outside.likely * per.nitrite
        ? 'ammonia'
        : 'nitrite',
  };
}
