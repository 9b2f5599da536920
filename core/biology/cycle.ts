import { integrate, type Tolerance } from './integrate';
import { FILM_DECAY, FILM_SHED, HALF_SATURATION, NITRIFIERS, type NitrifierKey } from './nitrifiers';
import type { FilmPlace } from './steadyState';
import { foodFactor, oxygenRate } from './monodRate';
import { actsLike, langmuirUptake, zeoliteEquilibrium, type ZeoliteBed } from './zeoliteBed';

/** A home of bacteria with the films that live in it now: what each could take up at full speed, kg N a day. */
export interface LivingPlace extends FilmPlace {
  readonly film: Readonly<Record<NitrifierKey, number>>;
}

/** Nitrogen in the water as ammonia, nitrite and nitrate, kg/m³. */
export interface Nitrogen {
  readonly ammonia: number;
  readonly nitrite: number;
  readonly nitrate: number;
}

/** Something that happens to a tank on a day. What is left out stays as it was. */
export interface CycleEvent {
  readonly day: number;
  /** Share of the water that is changed, 0–1, and the nitrogen in the new water. */
  readonly water?: { readonly share: number; readonly fresh: Nitrogen };
  /** By place: share of the film that stays, and the surface from now on, m². */
  readonly kept?: readonly number[];
  readonly surface?: readonly number[];
  /** Nitrogen that comes in from now on, kg a day. */
  readonly load?: number;
  /** The bed of zeolite from now on, and how much of its capacity, kg N, was in use until now; the rest comes empty. */
  readonly zeolite?: { readonly bed: ZeoliteBed | null; readonly stays: number };
}

/** A tank whose bacteria are followed. */
export interface CycleInput {
  /** m³ */
  readonly volume: number;
  readonly celsius: number;
  /** kg N a day */
  readonly load: number;
  readonly places: readonly LivingPlace[];
  /** At rest with the water it starts in; null: none. */
  readonly zeolite: ZeoliteBed | null;
  readonly start: Nitrogen;
  readonly events: readonly CycleEvent[];
  readonly days: number;
}

/** What the water comes to, four times a day from 0 on; kg N/m³. */
export interface CycleCourse {
  readonly ammonia: Float64Array;
  readonly nitrite: Float64Array;
  readonly nitrate: Float64Array;
  /** The films at the end, by place. */
  readonly films: readonly Readonly<Record<NitrifierKey, number>>[];
}

/** Samples a day in a course. */
export const SAMPLES = 4;
/** Nothing, kg/m³ and kg N a day: below it the solution is not followed closely. */
const NO_NITROGEN = 1e-9;
const NO_FILM = 1e-12;
const RELATIVE = 1e-4;
/** Components: three concentrations, then two films a place. */
const WATER = 3;
const KEYS = ['ammonia', 'nitrite'] as const satisfies readonly NitrifierKey[];

/**
 * Follows ammonia, nitrite, nitrate and the films that make one into the other.
 *
 * @param relative how closely, share of each value
 * @source in every place dX/dt = (μ·m·(1 − X/X_max) − bθ)·X for each bacterium, and a little of every film comes loose and
 *   settles by surface; the water a mixed tank that gains the load and loses ΣX·m, with zeolite at rest with it. Monod
 *   1949 for m; see {@link NITRIFIERS}. Integrated by {@link integrate}.
 */
export function cycle(input: CycleInput, relative = RELATIVE): CycleCourse {
  const { volume, celsius, places, days } = input;
  const size = WATER + KEYS.length * places.length;
  const state = new Float64Array(size);
  state.set([input.start.ammonia, input.start.nitrite, input.start.nitrate]);
  const absolute = new Float64Array(size).fill(NO_FILM);
  absolute.fill(NO_NITROGEN, 0, WATER);
  const tolerance: Tolerance = { relative, absolute };
  const most = new Float64Array(size);
  const caps = new Float64Array(size);
  const at = (place: number, key: number): number => WATER + KEYS.length * place + key;
  const setSurface = (place: number, surface: number): void =>
    KEYS.forEach((key, index) => {
      most[at(place, index)] = surface * NITRIFIERS[key].uptake;
    });
  places.forEach(({ surface, film, oxygen }, place) => {
    setSurface(place, surface);
    KEYS.forEach((key, index) => {
      state[at(place, index)] = Math.min(film[key], most[at(place, index)]!);
      caps[at(place, index)] = oxygenRate(NITRIFIERS[key], oxygen, celsius);
    });
  });
  const warm = KEYS.map((key) => foodFactor(NITRIFIERS[key], celsius));
  const growth = KEYS.map((key) => NITRIFIERS[key].growth);
  let { load, zeolite } = input;

  const slope = (now: Float64Array, into: Float64Array): void => {
    const taken = [0, 0];
    for (let key = 0; key < KEYS.length; key += 1) {
      const nitrogen = Math.max(0, now[key]!);
      const byFood = (warm[key]! * nitrogen) / (HALF_SATURATION + nitrogen);
      const lost = FILM_DECAY * warm[key]!;
      let sum = 0;
      let films = 0;
      let room = 0;
      for (let part = WATER + key; part < size; part += KEYS.length) {
        films += now[part]!;
        room += most[part]!;
      }
      const settles = room > 0 ? (FILM_SHED * films) / room : 0;
      for (let part = WATER + key; part < size; part += KEYS.length) {
        const film = now[part]!;
        const rate = byFood < caps[part]! ? byFood : caps[part]!;
        sum += film * rate;
        const free = most[part]! > 0 ? 1 - film / most[part]! : 0;
        into[part] = (growth[key]! * rate * free - lost - FILM_SHED) * film + settles * most[part]!;
      }
      taken[key] = sum;
    }
    into[0] =
      (load - taken[0]!) / (zeolite === null ? volume : volume + actsLike(zeolite, Math.max(0, now[0]!)));
    into[1] = (taken[0]! - taken[1]!) / volume;
    into[2] = taken[1]! / volume;
  };

  const samples = Math.round(days * SAMPLES) + 1;
  const course = {
    ammonia: new Float64Array(samples),
    nitrite: new Float64Array(samples),
    nitrate: new Float64Array(samples),
  };
  const lists = [course.ammonia, course.nitrite, course.nitrate];
  const note = (sample: number, values: (part: number) => number): void =>
    lists.forEach((list, part) => {
      list[sample] = Math.max(0, values(part));
    });
  note(0, (part) => state[part]!);
  let sample = 1;
  let from = 0;
  let step = 0;
  const happen = (event: CycleEvent): void => {
    const { water } = event;
    let held = zeolite === null ? 0 : langmuirUptake(zeolite, Math.max(0, state[0]!));
    if (water !== undefined)
      [water.fresh.ammonia, water.fresh.nitrite, water.fresh.nitrate].forEach((fresh, part) => {
        state[part] = state[part]! * (1 - water.share) + fresh * water.share;
      });
    event.surface?.forEach((surface, place) => setSurface(place, surface));
    event.kept?.forEach((kept, place) =>
      KEYS.forEach((_, index) => {
        state[at(place, index)] = state[at(place, index)]! * kept;
      }),
    );
    // What has no surface left to live on is gone with it.
    for (let part = WATER; part < size; part += 1) state[part] = Math.min(state[part]!, most[part]!);
    load = event.load ?? load;
    if (event.zeolite !== undefined) {
      // What leaves takes its part of what the bed holds along.
      const stays = zeolite === null ? 0 : event.zeolite.stays / zeolite.capacity;
      held *= Math.min(1, stays);
      zeolite = event.zeolite.bed;
    }
    if (zeolite !== null) state[0] = zeoliteEquilibrium(zeolite, state[0]! * volume + held, volume);
  };
  const run = (to: number): void => {
    if (to <= from) return;
    const begun = from;
    step = integrate(slope, state, to - from, tolerance, step, (before, a, slopeA, after, b, slopeB) => {
      for (; sample < samples && sample / SAMPLES <= begun + after + 1e-9; sample += 1) {
        const length = after - before;
        const t = Math.min(1, (sample / SAMPLES - begun - before) / length);
        // Hermite’s cubic between the ends of a step.
        note(sample, (part) => {
          const [low, high] = [a[part]!, b[part]!];
          const [slow, fast] = [slopeA[part]! * length, slopeB[part]! * length];
          const bend = 2 * (low - high) + slow + fast;
          return low + t * (slow + t * (-3 * (low - high) - 2 * slow - fast + t * bend));
        });
      }
    });
    from = to;
  };
  for (const event of input.events) {
    if (event.day > days) break;
    run(event.day);
    happen(event);
    step = 0;
    // A change shows in the sample of its own moment.
    if (sample > 1 && (sample - 1) / SAMPLES === event.day) note(sample - 1, (part) => state[part]!);
    if (event.day === 0) note(0, (part) => state[part]!);
  }
  run(days);
  return {
    ...course,
    films: places.map((_, place) => ({ ammonia: state[at(place, 0)]!, nitrite: state[at(place, 1)]! })),
  };
}
