import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/filter';
import type { LayerPaths } from '../hydraulics/columns';
import {
  filterWater,
  findBalance,
  MOST_PRESSURE,
  splitAlone,
  splitStack,
  type Balance,
  type FilterWater,
} from '../hydraulics/filterWater';
import { fluidAt, GRAVITY } from '../hydraulics/fluid';
import { cleanWater } from '../hydraulics/operatingPoint';
import { rimAboveLip } from '../hydraulics/rim';
import type { PlacedLayer } from '../layers/placedLayer';
import { SERVICE_SHARE } from '../practice/serviceShare';
import { litterPerDay } from '../tank/litter';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { cutBeds, fouledPaths, type Beds } from './beds';
import { captureDirt, captureOf, type Capture, type CaptureInput, type LayerStream } from './capture';
import { captureInput } from './captureInput';
import { depositStep } from './depositStep';
import { dirtProduction } from './dirtProduction';
import { decayAt, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { SIZES } from './sizeClasses';
import { leafOpen, leavesAfter } from './strainerLeaves';
import { settlingRates, suspendedSolids } from './massBalance';
import { STAYS, type Visit, type Work } from '../pack/visit';

const SECONDS_A_DAY = 86_400;
/** Steps in a day: slices fill and rot exactly within one, so that half the step moves a service day by 0.2 % at most. */
const STEPS = 1;

/** A filter with its layers, measured, and when hands go into it. */
export interface SimulatedFilter {
  readonly filter: Filter;
  readonly inFlow: readonly PlacedLayer[];
  readonly visits: readonly Visit[];
}

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
  readonly wetTo: Float64Array;
  /** Share of the strainer that leaves have left open. */
  readonly strainerOpen: Float64Array;
  /** Dry mass by day, slice and size; empty when brief. */
  readonly mass: Float32Array;
  readonly slices: number;
  /** Caught since the beginning by day and layer. */
  readonly caughtBy: Float64Array;
  /** Head that each layer’s dirt would take at the clean flow, by day and layer, m of water; 0 when brief. */
  readonly clogging: Float64Array;
  /** Rotted since the beginning by day. */
  readonly rotted: Float64Array;
  /** Afloat in the tank by day and size, kg/m³. */
  readonly suspended: Float64Array;
  readonly books: Books;
}

/** One filter while it is simulation. */
interface State {
  readonly filter: Filter;
  readonly inFlow: readonly PlacedLayer[];
  readonly beds: Beds;
  readonly base: FilterWater;
  /** Place in `inFlow` of every layer of every stack. */
  readonly order: { readonly sponge: readonly number[][]; readonly body: readonly number[][] };
  readonly capture: Capture;
  readonly input: CaptureInput;
  readonly mass: Float64Array;
  /** Share of every slice’s bed, from its mass. */
  readonly deposits: Float64Array;
  readonly floorMass: Float64Array;
  readonly caughtBy: Float64Array;
  balance: Balance;
  cleanThrough: number;
  streams: LayerStream[];
  paths: readonly LayerPaths[];
  leaves: number;
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
  const settles = settlingRates(tank, volume);
  const begin = ({ filter, inFlow }: Omit<SimulatedFilter, 'visits'>): State =>
    stateOf(filter, inFlow, tank, numbers, input.refine?.slices ?? 1);
  const filters = [begin(own), ...input.others.map(begin)];
  const [first] = filters;
  if (first === undefined) return null;
  const cleanHeads = headsOf(first, first.beds.clean);
  const litter = litterPerDay(tank);
  const layers = own.inFlow.length;
  const result = {
    days,
    flow: new Float64Array(days + 1),
    through: new Float64Array(days + 1),
    headroom: new Float64Array(days + 1),
    wetTo: new Float64Array(days + 1),
    strainerOpen: new Float64Array(days + 1),
    mass: new Float32Array(brief ? 0 : (days + 1) * first.mass.length),
    slices: first.beds.slices,
    caughtBy: new Float64Array((days + 1) * layers),
    clogging: new Float64Array((days + 1) * layers),
    rotted: new Float64Array(days + 1),
    suspended: new Float64Array((days + 1) * SIZES),
  };
  const books = { made: 0, settled: 0, caught: 0, rotted: 0, removed: 0 };
  const left = new Float64Array(SIZES);
  const rim = own.filter.spill === null ? NaN : rimAboveLip(own.filter.spill);
  const waters = new Float64Array(SIZES);
  let rottedOwn = 0;

  for (let day = 0; day <= days; day += 1) {
    const visit = day === 0 ? undefined : own.visits.find((one) => one.day === day);
    if (visit !== undefined) books.removed += serve(first, worksOf(visit));
    for (const other of filters.slice(1))
      if (other.balance.through < SERVICE_SHARE * other.cleanThrough)
        books.removed += serve(other, () => 'squeeze');
    for (const state of filters) settleFlow(state, tank, day === 0);
    findSuspendedSolids(filters, made, left, settles, volume, length, waters);
    const { balance } = first;
    result.flow[day] = balance.flow;
    result.through[day] = balance.through;
    result.headroom[day] = rim - balance.before;
    result.wetTo[day] = balance.wetTo;
    result.strainerOpen[day] = leafOpen(first.leaves, own.filter);
    if (!brief) result.mass.set(first.mass, day * first.mass.length);
    result.caughtBy.set(first.caughtBy, day * layers);
    if (!brief) result.clogging.set(cloggingOf(first, cleanHeads), day * layers);
    result.rotted[day] = rottedOwn;
    result.suspended.set(waters, day * SIZES);
    if (day === days) break;

    for (let step = 0; step < steps; step += 1) {
      if (step > 0) {
        for (const state of filters) settleFlow(state, tank, false);
        findSuspendedSolids(filters, made, left, settles, volume, length, waters);
      }
      for (let size = 0; size < SIZES; size += 1) {
        books.made += (made[size] ?? 0) * length;
        books.settled += (settles[size] ?? 0) * volume * (waters[size] ?? 0) * length;
        left[size] = 0;
      }
      filters.forEach((state, at) => {
        const { caught, rotted } = fill(state, waters, decay, length, numbers, left);
        books.caught += caught;
        books.rotted += rotted;
        if (at === 0) rottedOwn += rotted;
        if (tank.litter.floating && intakeSponge(state.filter) === null)
          state.leaves = leavesAfter(state.leaves, litter, decay, length);
      });
    }
  }
  return {
    ...result,
    books: {
      ...books,
      suspended: left.reduce((sum, one) => sum + one, 0),
      stored: filters.reduce(
        (sum, { mass, floorMass }) =>
          sum + mass.reduce((all, one) => all + one, 0) + floorMass.reduce((all, one) => all + one, 0),
        0,
      ),
    },
  };
}

const worksOf =
  ({ works }: Visit) =>
  (layerId: string): Work | null =>
    works.find((one) => one.layerId === layerId)?.work ?? null;

function stateOf(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  tank: Tank,
  numbers: DirtNumbers,
  refine: number,
): State {
  const fluid = fluidAt(tank.temperature);
  const beds = cutBeds(inFlow, fluid, numbers, refine);
  const base = cleanWater(filter, inFlow, tank.temperature);
  const balance = findBalance(base);
  const places = (stacks: FilterWater['body']): number[][] =>
    stacks.map(({ layers }) => layers.map(({ placed }) => inFlow.indexOf(placed)));
  return {
    filter,
    inFlow,
    beds,
    base,
    order: { sponge: places(base.sponge), body: places(base.body) },
    capture: captureOf(beds),
    input: captureInput(filter, inFlow, beds, fluid, numbers),
    mass: new Float64Array(beds.slices * SIZES),
    deposits: new Float64Array(beds.slices),
    floorMass: new Float64Array(SIZES),
    caughtBy: new Float64Array(inFlow.length),
    balance,
    cleanThrough: balance.through,
    streams: [],
    paths: beds.clean,
    leaves: 0,
  };
}

/** Flow and levels for what sits in the media now, and what each size meets on its way. */
function settleFlow(state: State, tank: Tank, clean: boolean): void {
  const { beds, filter, base, order } = state;
  // The water over the lip hardly changes from step to step: what it wets is taken from the step before.
  const { wetTo } = state.balance;
  const paths = fouledPaths(beds, state.deposits, wetTo);
  state.paths = paths;
  const pick = (stacks: FilterWater['body'], places: readonly number[][]): FilterWater['body'] =>
    stacks.map((stack, at) => ({
      chamber: stack.chamber,
      layers: (places[at] ?? []).flatMap((place) => paths[place] ?? []),
    }));
  const open = tank.litter.floating ? leafOpen(state.leaves, filter) : 1;
  const around = open === 1 ? base : filterWater(withStrainer(filter, open), [], base.fluid);
  const water: FilterWater = {
    ...around,
    stackHeight: base.stackHeight,
    sponge: pick(base.sponge, order.sponge),
    body: pick(base.body, order.body),
    wetOnly: true,
  };
  state.balance = clean ? state.balance : findBalance(water, state.balance);
  state.streams = streamsOf(water, state.balance, order, state.inFlow.length);
  captureDirt(state.input, state.deposits, state.streams, state.balance.flow, wetTo, state.capture);
}

/** Head that each layer’s dirt would take at the clean flow, m of water. */
function cloggingOf(state: State, cleanHeads: readonly number[]): number[] {
  return headsOf(state, state.paths).map((head, at) => head - (cleanHeads[at] ?? 0));
}

/** Head of each layer alone at the clean flow, m of water. */
function headsOf({ base, cleanThrough }: State, paths: readonly LayerPaths[]): number[] {
  const weight = base.fluid.density * GRAVITY;
  return paths.map((layer) => Math.min(MOST_PRESSURE, splitAlone(layer, 1, cleanThrough).pressure) / weight);
}

/** The filter with its strainers open by a further share. */
export const withStrainer = (filter: Filter, open: number): Filter => ({
  ...filter,
  intakes: filter.intakes.map((intake) => ({ ...intake, open: intake.open * open })),
});

function streamsOf(
  water: FilterWater,
  { flow, through }: Balance,
  order: State['order'],
  layers: number,
): LayerStream[] {
  const streams: LayerStream[] = Array.from({ length: layers }, () => ({ whole: 0, own: 0, beside: 0 }));
  const put = (stacks: FilterWater['body'], places: readonly number[][], whole: number): void =>
    stacks.forEach((stack, at) => {
      const { own, beside } = splitStack(stack, whole, Infinity);
      (places[at] ?? []).forEach((place, index) => {
        streams[place] = { whole, own: own[index] ?? 0, beside: beside[index] ?? 0 };
      });
    });
  put(water.sponge, order.sponge, flow);
  put(water.body, order.body, through);
  return streams;
}

/** Dirt afloat of every size, kg/m³: made and left over against caught and settled. */
function findSuspendedSolids(
  filters: readonly State[],
  made: Float64Array,
  left: Float64Array,
  settles: Float64Array,
  volume: number,
  length: number,
  into: Float64Array,
): void {
  for (let size = 0; size < SIZES; size += 1) {
    let cleared = 0;
    for (const { balance, capture } of filters)
      cleared += balance.flow * (capture.efficiency[size] ?? 0) * SECONDS_A_DAY;
    into[size] = suspendedSolids(
      (made[size] ?? 0) + (left[size] ?? 0) / length,
      cleared,
      settles[size] ?? 0,
      volume,
    );
  }
}

/** Fills every slice for one step; what a full slice did not take stays afloat. */
function fill(
  { beds, mass, deposits, floorMass, capture, caughtBy }: State,
  waters: Float64Array,
  decay: number,
  length: number,
  { sludgeDensity }: DirtNumbers,
  left: Float64Array,
): { caught: number; rotted: number } {
  let caughtAll = 0;
  let rottedAll = 0;
  for (const bed of beds.list) {
    let caughtHere = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const at = slice * SIZES;
      const room = sludgeDensity * (beds.volume[slice] ?? 1);
      let rate = 0;
      const stored = (deposits[slice] ?? 0) * room;
      for (let size = 0; size < SIZES; size += 1)
        rate += (capture.cleared[at + size] ?? 0) * (waters[size] ?? 0);
      if (rate === 0 && stored === 0) continue;
      rate *= SECONDS_A_DAY;
      const step = depositStep(deposits[slice] ?? 0, bed.ultimate, rate / room, decay, length);
      deposits[slice] = step.deposit;
      const caught = step.caught * room;
      const rotted = step.rotted * room;
      const taken = rate > 0 ? caught / (rate * length) : 0;
      const stays = 1 - rotted / (stored + caught);
      for (let size = 0; size < SIZES; size += 1) {
        const came = (capture.cleared[at + size] ?? 0) * (waters[size] ?? 0) * SECONDS_A_DAY * length;
        mass[at + size] = ((mass[at + size] ?? 0) + came * taken) * stays;
        left[size] = (left[size] ?? 0) + came * (1 - taken);
      }
      caughtHere += caught;
      rottedAll += rotted;
    }
    caughtBy[bed.layerAt] = (caughtBy[bed.layerAt] ?? 0) + caughtHere;
    caughtAll += caughtHere;
  }
  const gone = -Math.expm1(-decay * length);
  for (let size = 0; size < SIZES; size += 1) {
    const came = (capture.floor[size] ?? 0) * (waters[size] ?? 0) * SECONDS_A_DAY * length;
    if (came === 0 && floorMass[size] === 0) continue;
    const lay = floorMass[size] ?? 0;
    rottedAll += (lay + came) * gone;
    floorMass[size] = (lay + came) * (1 - gone);
    caughtAll += came;
  }
  return { caught: caughtAll, rotted: rottedAll };
}

/** Cleans layers and what lies on the open floor under the first that is lifted; returns what left the filter, kg. */
function serve(state: State, workOf: (layerId: string) => Work | null): number {
  let removed = 0;
  const floorBefore = state.input.openFloor?.before;
  for (const bed of state.beds.list) {
    const work = workOf(state.inFlow[bed.layerAt]?.layer.id ?? '');
    if (work === null) continue;
    for (let at = bed.first * SIZES; at < (bed.first + bed.slices) * SIZES; at += 1) {
      const before = state.mass[at] ?? 0;
      state.mass[at] = before * STAYS[work];
      removed += before * (1 - STAYS[work]);
    }
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1)
      state.deposits[slice] = (state.deposits[slice] ?? 0) * STAYS[work];
    if (bed.layerAt === floorBefore) {
      removed += state.floorMass.reduce((sum, one) => sum + one, 0);
      state.floorMass.fill(0);
    }
  }
  state.leaves = 0;
  return removed;
}
