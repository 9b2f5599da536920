import { intakeSponge } from '../filter/intakeSponge';
import { rimAboveLip } from '../hydraulics/rim';
import { SERVICE_SHARE } from '../practice/serviceShare';
import { litterPerDay } from '../tank/litterPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { balanceStep } from './balanceStep';
import { decayAt, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { fillStep } from './fillStep';
import { fullness, FULL, keptShare, KEEPS_HALF } from './fullness';
import { flowStep, layerHeads } from './flowStep';
import { settlingRates } from './massBalance';
import { beginState, type SimulatedFilter, type SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { leafOpen, leavesAfter } from './strainerLeaves';
import { visitStep, worksOf } from './visitStep';

/** Steps in a day: slices fill and rot exactly within one, so that half the step moves a service day by 2 % at most. */
const STEPS = 1;

/** All that a simulation begins from. */
export interface CloggingInput {
  readonly tank: Tank;
  /** The one that is asked about. */
  readonly own: SimulatedFilter;
  /** Others on the same tank; they are cleaned whenever their flow falls to the service share. */
  readonly others: readonly Omit<SimulatedFilter, 'visits'>[];
  readonly days: number;
  readonly numbers?: DirtNumbers;
  /** How many times the likely food. */
  readonly fed?: number;
  /** For checks of convergence: times as many slices, and steps. */
  readonly refine?: { readonly slices: number; readonly steps: number };
  /** Leaves out what is only drawn, to be quick. */
  readonly brief?: boolean;
  /** Squeezes a sponge on the intake on the days on which it is full, as a keeper who looks at it does. */
  readonly tendSponge?: boolean;
}

/** Where all dirt went since the beginning, dry kg: made = caught + settled + afloat; caught = stored + rotted + removed. */
export interface Books {
  readonly made: number;
  readonly settled: number;
  readonly suspended: number;
  readonly caught: number;
  readonly stored: number;
  readonly rotted: number;
  readonly removed: number;
}

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
  /** Share of what fits that each layer holds, 0–1, by day and layer; at its fullest where it is squeezed that day. */
  readonly fullness: Float64Array;
  /** Through each layer’s own face, m³/s, by day and layer. */
  readonly own: Float64Array;
  /** Share of the strainer that leaves have left open. */
  readonly strainerOpen: Float64Array;
  /** Dry mass by day, slice and size; empty when brief. */
  readonly mass: Float32Array;
  /** Greatest pressure borne by day and slice, Pa; empty when brief. */
  readonly pressed: Float32Array;
  readonly slices: number;
  /** Caught since the beginning by day and layer. */
  readonly caughtBy: Float64Array;
  /** Head that each layer’s dirt would take at the clean flow, by day and layer, m of water. */
  readonly clogging: Float64Array;
  /** Rotted since the beginning by day. */
  readonly rotted: Float64Array;
  /** Afloat in the tank by day and size, kg/m³. */
  readonly suspended: Float64Array;
  readonly books: Books;
}

/**
 * Lets a tank’s filters clog: at every step flow and levels are found for what sits in the media, the dirt afloat from
 * its balance, and every slice fills and rots exactly while its inflow stands.
 *
 * @returns null when nobody has said what is fed
 */
export function simulateClogging(input: CloggingInput): CloggingSimulation | null {
  const { tank, own, days, brief = false } = input;
  const numbers = input.numbers ?? USUAL_DIRT;
  const made = dirtProduction(tank, numbers, input.fed);
  if (made === null) return null;
  const steps = STEPS * (input.refine?.steps ?? 1);
  const length = 1 / steps;
  const decay = decayAt(numbers, tank.temperature);
  const volume = netVolume(tank.water).value;
  const settles = settlingRates(tank, volume, numbers.settlingFactor);
  const begin = ({ filter, inFlow }: Omit<SimulatedFilter, 'visits'>): SimulationState =>
    beginState(filter, inFlow, tank, numbers, input.refine?.slices ?? 1);
  const filters = [begin(own), ...input.others.map(begin)];
  const [first] = filters;
  if (first === undefined) return null;
  let cleanHeads: Float64Array | null = null;
  const litter = litterPerDay(tank) * numbers.litterFactor;
  const layers = own.inFlow.length;
  const result = {
    days,
    flow: new Float64Array(days + 1),
    through: new Float64Array(days + 1),
    headroom: new Float64Array(days + 1),
    kept: new Float64Array(days + 1),
    fullness: new Float64Array((days + 1) * layers),
    own: new Float64Array((days + 1) * layers),
    strainerOpen: new Float64Array(days + 1),
    mass: new Float32Array(brief ? 0 : (days + 1) * first.mass.length),
    pressed: new Float32Array(brief ? 0 : (days + 1) * first.beds.slices),
    slices: first.beds.slices,
    caughtBy: new Float64Array((days + 1) * layers),
    clogging: new Float64Array((days + 1) * layers),
    rotted: new Float64Array(days + 1),
    suspended: new Float64Array((days + 1) * SIZES),
  };
  const books = { made: 0, settled: 0, caught: 0, rotted: 0, removed: 0 };
  const rim = own.filter.spill === null ? NaN : rimAboveLip(own.filter.spill);
  const left = new Float64Array(SIZES);
  const waters = new Float64Array(SIZES);
  let rottedOwn = 0;

  for (let day = 0; day <= days; day += 1) {
    const visit = day === 0 ? undefined : own.visits.find((item) => item.day === day);
    if (visit !== undefined) books.removed += visitStep(first, worksOf(visit));
    for (const other of filters.slice(1))
      if (needsCare(other, waters)) books.removed += visitStep(other, () => 'squeeze');
    if (!brief) result.pressed.set(first.pressed, day * first.pressed.length);
    for (const state of filters) flowStep(state, tank);
    balanceStep(filters, made, left, settles, volume, length, waters);
    if (day === 0) for (const state of filters) state.cleanKept = keptShare(state, waters);
    const { balance } = first;
    result.flow[day] = balance.flow;
    result.through[day] = balance.through;
    result.headroom[day] = rim - balance.before;
    result.kept[day] = keptShare(first, waters);
    const full = fullness(first);
    result.fullness.set(full, day * layers);
    first.streams.forEach(({ own: through }, place) => {
      result.own[day * layers + place] = through;
    });
    result.strainerOpen[day] = leafOpen(first.leaves, own.filter);
    if (!brief) result.mass.set(first.mass, day * first.mass.length);
    result.caughtBy.set(first.caughtBy, day * layers);
    const heads = layerHeads(first);
    cleanHeads ??= heads;
    for (let place = 0; place < layers; place += 1)
      result.clogging[day * layers + place] = heads[place]! - cleanHeads[place]!;
    result.rotted[day] = rottedOwn;
    result.suspended.set(waters, day * SIZES);
    if (day === days) break;
    if (input.tendSponge === true) books.removed += squeezeFullSponge(first, full);

    for (let step = 0; step < steps; step += 1) {
      if (step > 0) {
        for (const state of filters) flowStep(state, tank);
        balanceStep(filters, made, left, settles, volume, length, waters);
      }
      for (let size = 0; size < SIZES; size += 1) {
        books.made += made[size]! * length;
        books.settled += settles[size]! * volume * waters[size]! * length;
        left[size] = 0;
      }
      filters.forEach((state, index) => {
        const { caught, rotted } = fillStep(state, waters, decay, length, numbers, left);
        books.caught += caught;
        books.rotted += rotted;
        if (index === 0) rottedOwn += rotted;
        if (tank.litter.floating && intakeSponge(state.filter) === null)
          state.leaves = leavesAfter(state.leaves, litter, decay, length);
      });
    }
  }
  return {
    ...result,
    books: {
      ...books,
      suspended: left.reduce((sum, value) => sum + value, 0),
      stored: filters.reduce(
        (sum, { mass, floorMass }) =>
          sum +
          mass.reduce((all, number) => all + number, 0) +
          floorMass.reduce((all, candidate) => all + candidate, 0),
        0,
      ),
    },
  };
}

/** True when a filter is cleaned that nobody asks about: its flow is low, or it is full. */
const needsCare = (state: SimulationState, waters: Float64Array): boolean =>
  state.balance.through < SERVICE_SHARE * state.cleanThrough ||
  keptShare(state, waters) < KEEPS_HALF * state.cleanKept;

/** Squeezes the sponge on the intake when it is full; returns what left it, kg. */
function squeezeFullSponge(state: SimulationState, full: Float64Array): number {
  const due = state.inFlow
    .filter(({ chamber }, place) => chamber.where === 'intake' && full[place]! > FULL)
    .map(({ layer }) => layer.id);
  return due.length === 0 ? 0 : visitStep(state, (layerId) => (due.includes(layerId) ? 'squeeze' : null));
}
