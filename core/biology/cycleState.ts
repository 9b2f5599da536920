import type { CycleEvent, CycleInput } from './cycleInput';
import { oxygenRate } from './monodRate';
import { NITRIFIERS, type NitrifierKey } from './nitrifiers';
import { langmuirUptake, zeoliteEquilibrium, type ZeoliteBed } from './zeoliteBed';

/** The bacteria, by their place among the films of a home. */
export const KEYS = ['ammonia', 'nitrite'] as const satisfies readonly NitrifierKey[];
/** Components: three concentrations, then two films a place. */
export const WATER_PARTS = 3;

/** A tank whose bacteria are followed, as it is at a moment: what is in the arrays and what holds from now on. */
export interface CycleState {
  /** Ammonia, nitrite and nitrate, kg N/m³; then the films by place, what each could take up at full speed, kg N a day. */
  readonly values: Float64Array;
  /** By component: the film that its surface holds at most, and how hard it may work by its oxygen, a share. */
  readonly most: Float64Array;
  readonly caps: Float64Array;
  /** m³ */
  readonly volume: number;
  /** kg N a day */
  load: number;
  zeolite: ZeoliteBed | null;
}

/** The component of a film. */
export const filmAt = (place: number, key: number): number => WATER_PARTS + KEYS.length * place + key;

function setSurface({ most }: CycleState, place: number, surface: number): void {
  KEYS.forEach((key, index) => {
    most[filmAt(place, index)] = surface * NITRIFIERS[key].uptake;
  });
}

/** A tank as it begins. A film larger than its surface holds is as large as that. */
export function cycleState({ volume, celsius, load, places, zeolite, start }: CycleInput): CycleState {
  const size = filmAt(places.length, 0);
  const state: CycleState = {
    values: new Float64Array(size),
    most: new Float64Array(size),
    caps: new Float64Array(size),
    ...{ volume, load, zeolite },
  };
  state.values.set([start.ammonia, start.nitrite, start.nitrate]);
  places.forEach(({ surface, film, oxygen }, place) => {
    setSurface(state, place, surface);
    KEYS.forEach((key, index) => {
      const at = filmAt(place, index);
      state.values[at] = Math.min(film[key], state.most[at]!);
      state.caps[at] = oxygenRate(NITRIFIERS[key], oxygen, celsius);
    });
  });
  return state;
}

/** Does to a tank what happens to it: water is changed, media come and go, the load is another, zeolite is changed. */
export function applyCycleEvent(state: CycleState, event: CycleEvent): void {
  const { values, most, volume } = state;
  const { water } = event;
  let held = state.zeolite === null ? 0 : langmuirUptake(state.zeolite, Math.max(0, values[0]!));
  if (water !== undefined)
    [water.fresh.ammonia, water.fresh.nitrite, water.fresh.nitrate].forEach((fresh, part) => {
      values[part] = values[part]! * (1 - water.share) + fresh * water.share;
    });
  event.surface?.forEach((surface, place) => setSurface(state, place, surface));
  event.kept?.forEach((kept, place) =>
    KEYS.forEach((_, index) => {
      values[filmAt(place, index)] = values[filmAt(place, index)]! * kept;
    }),
  );
  // What has no surface left to live on is gone with it.
  for (let part = WATER_PARTS; part < values.length; part += 1)
    values[part] = Math.min(values[part]!, most[part]!);
  state.load = event.load ?? state.load;
  if (event.zeolite !== undefined) {
    // What leaves takes its part of what the bed holds along.
    const stays = state.zeolite === null ? 0 : event.zeolite.stays / state.zeolite.capacity;
    held *= Math.min(1, stays);
    state.zeolite = event.zeolite.bed;
  }
  if (state.zeolite !== null)
    values[0] = zeoliteEquilibrium(state.zeolite, values[0]! * volume + held, volume);
}
