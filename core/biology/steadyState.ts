import { solveFalling } from '../maths/solveFalling';
import { FILM_DECAY, HALF_SATURATION, type Nitrifier } from './nitrifiers';
import { foodFactor, oxygenRate } from './monodRate';
import { sum } from '../maths/sum';

/** A home of bacteria: what of its surface a film can use, m², and the oxygen of the water in it, kg/m³. */
export interface FilmPlace {
  readonly surface: number;
  readonly oxygen: number;
}

/** What grown films come to under a load. */
export interface SteadyState {
  /** Ammonia or nitrite nitrogen that is left in the water, kg/m³. */
  readonly nitrogen: number;
  /** By place: what it takes up, and what its film could take up where it wanted for nothing, kg N a day. */
  readonly taken: readonly number[];
  readonly film: readonly number[];
}

/** Nitrogen up to which a steady state is looked for, kg/m³: far beyond what anything lives in. */
const MAX_NITROGEN = 1;
/** Share of the nitrogen to which it is found. */
const PRECISION = 1e-12;

/**
 * The steady state of one bacterium on all its homes under a load, kg N a day; null where the load is more than they can
 * ever bear.
 *
 * @source growth against decay in every place, X = X_max(1 − bθ/(μm)); m from the load. Where food limits everywhere, in
 *   closed form: m = load/ΣX_max + bθ/μ and S = K·m/(θ − m).
 * @example steadyState(NITRIFIERS.ammonia, [{ surface: 1.27, oxygen: 8.26e-3 }], 0.1524e-3, 25) // { nitrogen: 0.00025 }
 */
export function steadyState(
  nitrifier: Nitrifier,
  places: readonly FilmPlace[],
  load: number,
  celsius: number,
): SteadyState | null {
  const warm = foodFactor(nitrifier, celsius);
  const lost = (FILM_DECAY * warm) / nitrifier.growth;
  const most = places.map(({ surface }) => surface * nitrifier.uptake);
  const caps = places.map(({ oxygen }) => oxygenRate(nitrifier, oxygen, celsius));
  const takenAt = (food: number): number[] =>
    most.map((value, place) => value * Math.max(0, Math.min(food, caps[place]!) - lost));
  const foodAt = (nitrogen: number): number => (warm * nitrogen) / (HALF_SATURATION + nitrogen);
  if (load <= 0) return { nitrogen: 0, taken: places.map(() => 0), film: places.map(() => 0) };
  const even = load / sum(most) + lost;
  const nitrogen =
    even < Math.min(warm, ...caps)
      ? (HALF_SATURATION * even) / (warm - even)
      : sum(takenAt(foodAt(MAX_NITROGEN))) <= load
        ? null
        : solveFalling(
            (value) => load - sum(takenAt(foodAt(value))),
            0,
            MAX_NITROGEN,
            MAX_NITROGEN * PRECISION,
          );
  if (nitrogen === null) return null;
  const food = foodAt(nitrogen);
  const taken = takenAt(food);
  return {
    nitrogen,
    taken,
    film: taken.map((value, place) => (value === 0 ? 0 : value / Math.min(food, caps[place]!))),
  };
}
