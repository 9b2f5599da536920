import { beginClogging, type Books, type CloggingInput } from './clogging';
import { packToday } from './packToday';
import type { ServiceLimits } from './serviceLimits';
import { SIZES } from './sizeClasses';
import { leafOpen } from './strainerLeaves';

/** What a simulation leaves: by day, from 0 to `days`. Flows m³/s, heights m, mass kg. */
export interface CloggingSimulation {
  readonly days: number;
  readonly flow: Float64Array;
  /** Through the pack: what the service limit of a hang-on-back is set on. */
  readonly through: Float64Array;
  /** Rim less level; NaN where there is no rim. */
  readonly headroom: Float64Array;
  /** Share of the dirt of 70 µm and more that the mechanical layers keep, 0–1; NaN where there are none. */
  readonly kept: Float64Array;
  /** Room left in the sponge of an internal filter, 0–1; NaN for all others. */
  readonly sponge: Float64Array;
  readonly limits: ServiceLimits;
  /** Head lost in the pack, m of water, and least share of the flow that goes through any layer, 0–1. */
  readonly lost: Float64Array;
  readonly passes: Float64Array;
  /** Share of what fits that each layer holds, 0–1, by day and layer; at its fullest where it is squeezed that day. */
  readonly fullness: Float64Array;
  /** Through each layer’s own face, m³/s, by day and layer. */
  readonly own: Float64Array;
  /** Share of the strainer that leaves have left open. */
  readonly strainerOpen: Float64Array;
  /** Dry mass by day, slice and size; empty when brief. */
  readonly mass: Float32Array;
  /** Greatest pressure so far by day and slice, Pa; empty when brief. */
  readonly pressed: Float32Array;
  readonly slices: number;
  /** Caught since the beginning by day and layer. */
  readonly caughtBy: Float64Array;
  /** Head that each layer’s dirt would take at the clean flow, by day and layer, m of water. */
  readonly clogging: Float64Array;
  /** Rotted since the beginning by day. */
  readonly rotted: Float64Array;
  /** Suspended solids in the tank by day and size, kg/m³, and the clearance rate of all filters, m³/s. */
  readonly suspended: Float64Array;
  readonly cleared: Float64Array;
  /** How often other filters on the tank were cleaned. */
  readonly othersCleaned: number;
  readonly books: Books;
}

/** Lets a tank’s filters clog day by day, with the visits that are planned; see {@link Clogging}. */
export function simulateClogging(input: CloggingInput): CloggingSimulation {
  const { own, days, brief = false } = input;
  const march = beginClogging(input);
  const { state, waters } = march;
  const layers = own.inFlow.length;
  const result = {
    days,
    flow: new Float64Array(days + 1),
    through: new Float64Array(days + 1),
    headroom: new Float64Array(days + 1),
    kept: new Float64Array(days + 1),
    sponge: new Float64Array(days + 1),
    limits: march.limits,
    lost: new Float64Array(days + 1),
    passes: new Float64Array(days + 1),
    fullness: new Float64Array((days + 1) * layers),
    own: new Float64Array((days + 1) * layers),
    strainerOpen: new Float64Array(days + 1),
    mass: new Float32Array(brief ? 0 : (days + 1) * state.mass.length),
    pressed: new Float32Array(brief ? 0 : (days + 1) * state.beds.slices),
    slices: state.beds.slices,
    caughtBy: new Float64Array((days + 1) * layers),
    clogging: new Float64Array((days + 1) * layers),
    rotted: new Float64Array(days + 1),
    suspended: new Float64Array((days + 1) * SIZES),
    cleared: new Float64Array((days + 1) * SIZES),
  };
  const rows = Object.values(result).filter((value) => ArrayBuffer.isView(value));
  let written = 0;
  for (let day = 0; ;) {
    const visit = day === 0 ? undefined : own.visits.find((item) => item.day === day);
    if (visit !== undefined) march.visit(visit);
    const today = march.today();
    if (!brief) {
      result.mass.set(state.mass, day * state.mass.length);
      result.pressed.set(state.pressedAtFlow, day * state.pressed.length);
    }
    result.flow[day] = state.balance.flow;
    result.through[day] = today.through;
    result.headroom[day] = today.headroom;
    result.kept[day] = today.kept;
    result.sponge[day] = today.sponge;
    const { lost, passes } = packToday(state);
    result.lost[day] = lost;
    result.passes[day] = passes;
    result.fullness.set(today.fullness, day * layers);
    result.clogging.set(today.clogging, day * layers);
    state.streams.forEach(({ own: through }, place) => {
      result.own[day * layers + place] = through;
    });
    result.strainerOpen[day] = leafOpen(state.leaves, own.filter);
    result.caughtBy.set(state.caughtBy, day * layers);
    result.rotted[day] = march.rotted();
    result.suspended.set(waters, day * SIZES);
    result.cleared.set(march.cleared(), day * SIZES);
    fillBetween(rows, days + 1, written, day);
    written = day;
    if (day === days) break;
    const step = Math.min(march.calm(), days - day);
    march.pass(step);
    day += step;
  }
  return { ...result, othersCleaned: march.othersCleaned(), books: march.books() };
}

/** Values by day: as many to a day as the array is long over the number of days. */
type Rows = Float64Array | Float32Array;

/** Writes the days between two, straight from the one to the other. */
function fillBetween(rows: readonly Rows[], days: number, from: number, to: number): void {
  if (to - from < 2) return;
  for (const values of rows) {
    const width = values.length / days;
    for (let day = from + 1; day < to; day += 1) {
      const part = (day - from) / (to - from);
      for (let index = 0; index < width; index += 1) {
        const before = values[from * width + index]!;
        values[day * width + index] = before + part * (values[to * width + index]! - before);
      }
    }
  }
}
