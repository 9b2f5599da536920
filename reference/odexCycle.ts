import type { CycleInput } from '@/core/biology/cycleInput';
import { FILM_DECAY, FILM_SHED, HALF_SATURATION, NITRIFIERS } from '@/core/biology/nitrifiers';
import { foodFactor, oxygenRate } from '@/core/biology/monodRate';
import { Solver } from './odexSolver';

const KEYS = ['ammonia', 'nitrite'] as const;
/** In mg, so that one absolute tolerance fits all. */
const MILLIGRAM = 1e-6;

/** What a tank holds and bears at the end of a cycle without events. */
export interface ReferenceEnd {
  readonly ammonia: number;
  readonly nitrite: number;
  readonly nitrate: number;
  /** Film of the first place that takes ammonia, kg N a day. */
  readonly film: number;
}

/** The equations of `cycle`, written down a second time, solved by odex (Hairer & Wanner’s ODEX). */
export function odexCycle(input: CycleInput, tolerance: number): ReferenceEnd {
  const { places, celsius, volume, load, zeolite } = input;
  const state = [
    input.start.ammonia,
    input.start.nitrite,
    input.start.nitrate,
    ...places.flatMap(({ film }) => [film.ammonia, film.nitrite]),
  ];
  const solver = new Solver(state.length);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  solver.maxSteps = 200_000;
  const rate = (key: 'ammonia' | 'nitrite', nitrogen: number, oxygen: number): number => {
    const there = Math.max(0, nitrogen);
    return Math.min(
      (foodFactor(NITRIFIERS[key], celsius) * there) / (HALF_SATURATION + there),
      oxygenRate(NITRIFIERS[key], oxygen, celsius),
    );
  };
  const slope = (_: number, scaled: number[]): number[] => {
    const now = scaled.map((value) => value * MILLIGRAM);
    const [ammonia = 0, nitrite = 0] = KEYS.map((key, at) =>
      places.reduce(
        (sum, { oxygen }, place) => sum + (now[3 + 2 * place + at] ?? 0) * rate(key, now[at] ?? 0, oxygen),
        0,
      ),
    );
    const films = places.flatMap(({ surface, oxygen }, place) =>
      KEYS.map((key, at) => {
        const { uptake, growth } = NITRIFIERS[key];
        const film = now[3 + 2 * place + at] ?? 0;
        const dies = FILM_DECAY * foodFactor(NITRIFIERS[key], celsius);
        const all = places.reduce((sum, _place, other) => sum + (now[3 + 2 * other + at] ?? 0), 0);
        const share = surface / places.reduce((sum, place) => sum + place.surface, 0);
        return (
          (growth * rate(key, now[at] ?? 0, oxygen) * (1 - film / (surface * uptake)) - dies) * film +
          FILM_SHED * (all * share - film)
        );
      }),
    );
    // d(held)/dC of a bed at rest with the water, by the quotient rule.
    const filled = 1 + (zeolite?.affinity ?? 0) * Math.max(0, now[0] ?? 0);
    const holds = zeolite === null ? 0 : (zeolite.capacity * zeolite.affinity) / filled ** 2;
    return [
      (load - ammonia) / (volume + holds),
      (ammonia - nitrite) / volume,
      nitrite / volume,
      ...films,
    ].map((value) => value / MILLIGRAM);
  };
  const { y } = solver.solve(
    slope,
    0,
    state.map((value) => value / MILLIGRAM),
    input.days,
  );
  const [ammonia = NaN, nitrite = NaN, nitrate = NaN, film = NaN] = y.map((value) => value * MILLIGRAM);
  return { ammonia, nitrite, nitrate, film };
}
