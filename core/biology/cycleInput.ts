import type { NitrifierKey } from './nitrifiers';
import type { FilmPlace } from './steadyState';
import type { ZeoliteBed } from './zeoliteBed';

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
