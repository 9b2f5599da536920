import { intakeSponge } from '../filter/intakeSponge';
import { rimAboveLip } from '../hydraulics/rim';
import type { Visit, Work } from '../pack/visit';
import { SERVICE_SHARE } from '../practice/serviceShare';
import { litterPerDay } from '../tank/litterPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { balanceStep, clearedBy } from './balanceStep';
import { decayAt, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { fillStep } from './fillStep';
import { flowStep, layerHeads } from './flowStep';
import { fullness, FULL, keptShare, KEEPS_HALF } from './fullness';
import { settlingRates } from './massBalance';
import { beginState, type SimulatedFilter, type SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { leavesAfter } from './strainerLeaves';
import { visitStep, worksOf } from './visitStep';

/** Steps in a day: slices fill and rot exactly within one, so that half the step moves a service day by 2 % at most. */
const STEPS = 1;

/** All that a simulation begins from. */
export interface CloggingInput {
  readonly tank: Tank;
  /** The one that is asked about. */
  readonly own: SimulatedFilter;
  /** Others on the same tank; they are cleaned whenever their flow falls to the service share, or by their days. */
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

/** A filter on one day of its clogging: what calls for service, and what its layers have come to. SI. */
export interface CloggingDay {
  readonly through: number;
  /** Rim less level, m; NaN where there is no rim. */
  readonly headroom: number;
  /** Share of the dirt of 70 µm and more that the mechanical layers keep, 0–1; NaN where there are none. */
  readonly kept: number;
  /** By layer: share of what fits that it holds, 0–1; head that its dirt takes at the clean flow, m of water. */
  readonly fullness: Float64Array;
  readonly clogging: Float64Array;
}

/**
 * Filters that clog, a day at a time: at every step flow and levels are found for what sits in the media, the dirt
 * afloat from its balance, and every slice fills and rots exactly while its inflow stays the same.
 */
export interface Clogging {
  /** Of the filter that is asked about, and the suspended solids of the tank by size, kg/m³: as of {@link today}. */
  readonly state: SimulationState;
  readonly waters: Float64Array;
  /** What all filters clear, m³/s by size. */
  readonly cleared: () => Float64Array;
  /** Hands go in now, before the day’s flow is found. */
  readonly visit: (visit: Pick<Visit, 'works'>) => void;
  /** Finds flow, levels and suspended solids for what sits in the media now. */
  readonly today: () => CloggingDay;
  /**
   * Lets a day pass; {@link today} comes first.
   *
   * @param days that pass in one step, for a judgement that need not be exact; 1 where left out
   */
  readonly pass: (days?: number) => void;
  /** Dry kg rotted in the filter asked about since the beginning. */
  readonly rotted: () => number;
  /** How often other filters on the tank were cleaned since the beginning. */
  readonly othersCleaned: () => number;
  readonly books: () => Books;
}

/**
 * Begins with clean media.
 *
 * @returns null when nobody has said what is fed
 */
export function beginClogging(input: Omit<CloggingInput, 'days'>): Clogging | null {
  const { tank, own } = input;
  const numbers = input.numbers ?? USUAL_DIRT;
  const made = dirtProduction(tank, numbers, input.fed);
  if (made === null) return null;
  const steps = STEPS * (input.refine?.steps ?? 1);
  const length = 1 / steps;
  const decay = decayAt(numbers, tank.temperature);
  const volume = netVolume(tank.water).value;
  const settles = settlingRates(tank, volume, numbers.settlingFactor);
  const litter = litterPerDay(tank) * numbers.litterFactor;
  const begin = ({ filter, inFlow }: Omit<SimulatedFilter, 'visits'>): SimulationState =>
    beginState(filter, inFlow, tank, numbers, input.refine?.slices ?? 1);
  const state = begin(own);
  const others = input.others.map(begin);
  const filters = [state, ...others];
  const rim = own.filter.spill === null ? NaN : rimAboveLip(own.filter.spill);
  const left = new Float64Array(SIZES);
  const waters = new Float64Array(SIZES);
  const books = { made: 0, settled: 0, caught: 0, rotted: 0, removed: 0 };
  let rottedOwn = 0;
  let othersCleaned = 0;
  let passed = 0;
  let cleanHeads: Float64Array | null = null;
  let full: Float64Array = new Float64Array(own.inFlow.length);

  let step = length;
  const find = (): void => {
    for (const filter of filters) flowStep(filter, tank, step);
    balanceStep(filters, made, left, settles, volume, step, waters);
    for (const filter of filters)
      if (Number.isNaN(filter.cleanKept)) filter.cleanKept = keptShare(filter, waters);
  };
  const fill = (): void => {
    for (let size = 0; size < SIZES; size += 1) {
      books.made += made[size]! * step;
      books.settled += settles[size]! * volume * waters[size]! * step;
      left[size] = 0;
    }
    for (const filter of filters) {
      const { caught, rotted } = fillStep(filter, waters, decay, step, numbers, left);
      books.caught += caught;
      books.rotted += rotted;
      if (filter === state) rottedOwn += rotted;
      if (tank.litter.floating && intakeSponge(filter.filter) === null)
        filter.leaves = leavesAfter(filter.leaves, litter, decay, step);
    }
  };
  return {
    state,
    waters,
    cleared: () => clearedBy(filters),
    visit: (visit) => {
      books.removed += visitStep(state, worksOf(visit));
    },
    today: () => {
      find();
      full = fullness(state);
      const heads = layerHeads(state);
      cleanHeads ??= heads;
      const clean = cleanHeads;
      return {
        through: state.balance.through,
        headroom: rim - state.balance.before,
        kept: keptShare(state, waters),
        fullness: full,
        clogging: heads.map((head, place) => head - clean[place]!),
      };
    },
    pass: (days = 1) => {
      step = days * length;
      fill();
      for (let done = 1; done < steps; done += 1) {
        find();
        fill();
      }
      if (input.tendSponge === true) books.removed += squeezeFullSponge(state, full);
      passed += days;
      for (const other of others)
        if (isCleaningDay(other.filter, passed)) {
          books.removed += visitStep(other, mechanicalWork(other));
          othersCleaned += 1;
        } else if (needsCare(other, waters)) {
          books.removed += visitStep(other, () => 'squeeze');
          othersCleaned += 1;
        }
    },
    rotted: () => rottedOwn,
    othersCleaned: () => othersCleaned,
    books: () => ({
      ...books,
      suspended: left.reduce((sum, value) => sum + value, 0),
      stored: filters.reduce(
        (sum, { mass, floorMass }) =>
          sum + [mass, floorMass].reduce((all, list) => all + list.reduce((a, b) => a + b, 0), 0),
        0,
      ),
    }),
  };
}

/** True when a filter is cleaned that nobody asks about: its flow is low, or it is full. */
const needsCare = (state: SimulationState, waters: Float64Array): boolean =>
  state.balance.through < SERVICE_SHARE * state.cleanThrough ||
  keptShare(state, waters) < KEEPS_HALF * state.cleanKept;

/** True on every so many days from the first, for one that is cleaned by its days to spare others. */
const isCleaningDay = ({ cleanedEvery }: SimulationState['filter'], day: number): boolean =>
  cleanedEvery !== null && day % Math.round(cleanedEvery) === 0;

/** What is done to the layers of a filter that takes the dirt for others: floss is replaced, foam squeezed. */
const mechanicalWork =
  ({ inFlow, mechanical }: SimulationState) =>
  (layerId: string): Work | null => {
    const place = inFlow.findIndex(({ layer }) => layer.id === layerId);
    if (!mechanical.includes(place)) return null;
    return inFlow[place]!.medium.service === 'replace' ? 'replace' : 'squeeze';
  };

/** Squeezes the sponge on the intake when it was full; returns what left it, kg. */
function squeezeFullSponge(state: SimulationState, full: Float64Array): number {
  const due = state.inFlow
    .filter(({ chamber }, place) => chamber.where === 'intake' && full[place]! > FULL)
    .map(({ layer }) => layer.id);
  return due.length === 0 ? 0 : visitStep(state, (layerId) => (due.includes(layerId) ? 'squeeze' : null));
}
