import { intakeSponge } from '../filter/intakeSponge';
import { rimAboveLip } from '../hydraulics/rim';
import type { Visit, Work } from '../pack/visit';
import { litterPerDay } from '../tank/litterPerDay';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { balanceStep, clearedBy } from './balanceStep';
import { calmDays } from './calmDays';
import { decayAt, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { fillStep } from './fillStep';
import { flowStep, layerHeads } from './flowStep';
import { BROWN_SHARE, fullness, keptShare, MECHANICAL_FULL_SHARE, spongeRoom } from './fullness';
import { serviceLimits, type ServiceLimits } from './serviceLimits';
import { isServiceDue } from './serviceMeasures';
import { settlingRates } from './massBalance';
import { restoreDirt, restoreState, savedStateOf, saveState } from './savedState';
import { beginState, type SimulatedFilter, type SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { leavesAfter } from './strainerLeaves';
import { visitStep, worksOf } from './visitStep';
import { sum, sumOf } from '../maths/sum';

/** Change of the flow through a filter in one step, as a share of its clean flow, at which the step is too long. */
const MAX_CHANGE = 0.04;
/** The same where the day of service is no answer of ours: it has passed, or another filter is asked about (calibrated). */
const MAX_CHANGE_UNASKED = 0.2;
/** A step that is too long is cut in so many, so many times at most: to a sixteenth of a day. */
const PARTS_OF_CUT = 4;
const MAX_CUTS = 2;

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
  /** Times as many slices, and steps: more for checks of convergence, fewer slices for a quick judgement. */
  readonly refine?: { readonly slices: number; readonly steps: number };
  /** Leaves out what is only drawn, and is rough about what comes after service is due, to be quick. */
  readonly brief?: boolean;
  /** Squeezes a sponge on the intake on the days on which it is brown, as a keeper who looks at it does. */
  readonly tendSponge?: boolean;
}

/** Where all dirt went since the beginning, dry kg: made = caught + settled; caught = stored + rotted + removed. */
export interface Books {
  readonly made: number;
  readonly settled: number;
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
  /** Room left in the sponge of an internal filter, 0–1; NaN for all others. */
  readonly sponge: number;
  /** By layer: share of what fits that it holds, 0–1; head that its dirt takes at the clean flow, m of water. */
  readonly fullness: Float64Array;
  readonly clogging: Float64Array;
}

/**
 * Filters that clog, step by step: at every step flow and levels are found for what sits in the media, the suspended
 * solids from their balance, and every slice fills and rots exactly while its inflow stays the same.
 */
export interface Clogging {
  /** Of the filter that is asked about, and the suspended solids of the tank by size, kg/m³: as of {@link today}. */
  readonly state: SimulationState;
  readonly waters: Float64Array;
  /** At what the filter calls for service. */
  readonly limits: ServiceLimits;
  /** What all filters clear, m³/s by size. */
  readonly cleared: () => Float64Array;
  /** Hands go in now, before the day’s flow is found. */
  readonly visit: (visit: Pick<Visit, 'works'>) => void;
  /** Finds flow, levels and suspended solids for what sits in the media now. */
  readonly today: () => CloggingDay;
  /** Whole days that may pass from {@link today} in one step, since little changes; 1 where hands may go in on any day. */
  readonly calm: () => number;
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

/** Begins with clean media. */
export function beginClogging(input: Omit<CloggingInput, 'days'>): Clogging {
  const { tank, own, brief = false } = input;
  const limits = serviceLimits(own.filter);
  const numbers = input.numbers ?? USUAL_DIRT;
  const made = dirtProduction(tank, numbers, input.fed);
  const refine = input.refine?.steps ?? 1;
  const decay = decayAt(numbers, tank.temperature);
  const volume = netVolume(tank.water).value;
  const settles = settlingRates(tank, volume, numbers.settlingFactor);
  const litter = litterPerDay(tank) * numbers.litterFactor;
  const begin = ({ filter, inFlow }: Omit<SimulatedFilter, 'visits'>): SimulationState =>
    beginState(filter, inFlow, tank, numbers, input.refine?.slices ?? 1);
  const state = begin(own);
  const others = input.others.map(begin);
  const filters = [state, ...others];
  const saved = filters.map(savedStateOf);
  /** Hands may go in on any day, or it is asked what shorter steps would say. */
  const isDaily =
    refine > 1 ||
    own.visits.length > 0 ||
    others.length > 0 ||
    (input.tendSponge === true && intakeSponge(own.filter) !== null);
  const rim = own.filter.spill === null ? NaN : rimAboveLip(own.filter.spill);
  const watersBefore = new Float64Array(SIZES);
  const waters = new Float64Array(SIZES);
  const books = { made: 0, caught: 0, rotted: 0, removed: 0 };
  const madePerDay = sum(made);
  let rottedOwn = 0;
  let othersCleaned = 0;
  let passed = 0;
  let cleanHeads: Float64Array | null = null;
  /** What called for service when the step began that has just passed, and when the media were clean. */
  let before: CloggingDay | null = null;
  let clean: CloggingDay | null = null;
  let calm = 1;
  /** Service is due, and how it goes on is only drawn. */
  let isDue = false;
  let lastStep = 0;
  let full: Float64Array = new Float64Array(own.inFlow.length);
  /** Flow and suspended solids are of what sits in the media now. */
  let isFound = false;
  /** How often the next step is cut: clean slices fill fast at first. */
  let cuts = 1;

  const find = (): void => {
    for (const filter of filters) flowStep(filter, tank);
    balanceStep(filters, made, settles, volume, waters);
    for (const filter of filters)
      if (Number.isNaN(filter.cleanKept)) filter.cleanKept = keptShare(filter, waters);
    isFound = true;
  };
  /** Fills all filters for so many days by the rates found last; what that caught and rotted, dry kg. */
  const fill = (days: number, isTrial = false): { caught: number; rotted: number; rottedOwn: number } => {
    const filled = { caught: 0, rotted: 0, rottedOwn: 0 };
    for (const filter of filters) {
      const { caught, rotted } = fillStep(filter, waters, decay, days, numbers, isTrial);
      filled.caught += caught;
      filled.rotted += rotted;
      if (filter === state) filled.rottedOwn += rotted;
      if (tank.litter.floating && intakeSponge(filter.filter) === null)
        filter.leaves = leavesAfter(filter.leaves, litter, decay, days);
    }
    return filled;
  };
  /** One step by the midpoint rule; false where it is undone, since a flow changed by too much in it. */
  const tryStep = (days: number, mayUndo: boolean): boolean => {
    filters.forEach((filter, index) => saveState(filter, saved[index]!));
    watersBefore.set(waters);
    fill(days / 2, true);
    find();
    filters.forEach((filter, index) => restoreDirt(filter, saved[index]!));
    const { caught, rotted, rottedOwn: own } = fill(days);
    find();
    const isRough = filters.some(
      ({ balance, cleanThrough }, index) =>
        Math.abs(balance.through - saved[index]!.balance.through) >
        ((index === 0 && !isDue ? MAX_CHANGE : MAX_CHANGE_UNASKED) / refine) * cleanThrough,
    );
    if (isRough && mayUndo) {
      filters.forEach((filter, index) => restoreState(filter, saved[index]!));
      waters.set(watersBefore);
      return false;
    }
    books.made += madePerDay * days;
    books.caught += caught;
    books.rotted += rotted;
    rottedOwn += own;
    return true;
  };
  return {
    state,
    waters,
    limits,
    cleared: () => clearedBy(filters),
    visit: (visit) => {
      books.removed += visitStep(state, worksOf(visit));
      isFound = false;
      before = null;
    },
    today: () => {
      if (!isFound) find();
      full = fullness(state);
      const heads = layerHeads(state);
      const none = (cleanHeads ??= heads);
      const today = {
        through: state.balance.through,
        headroom: rim - state.balance.before,
        kept: keptShare(state, waters),
        sponge: spongeRoom(state, full),
        fullness: full,
        clogging: heads.map((head, place) => head - none[place]!),
      };
      clean ??= today;
      isDue = brief && isServiceDue(limits, clean, today);
      calm = before === null || isDaily ? 1 : calmDays(isDue, lastStep, before, today, clean);
      before = today;
      return today;
    },
    calm: () => calm,
    pass: (days = 1) => {
      // Counted in the shortest steps, so that they add up to the whole.
      const whole = refine * PARTS_OF_CUT ** MAX_CUTS;
      const shortest = days / whole;
      for (let done = 0; done < whole;) {
        const count = PARTS_OF_CUT ** (MAX_CUTS - cuts);
        if (!tryStep(count * shortest, cuts < MAX_CUTS)) {
          cuts += 1;
          continue;
        }
        done += count;
        // Grows back where a longer step would begin.
        if (cuts > 0 && done % (count * PARTS_OF_CUT) === 0) cuts -= 1;
      }
      const removed = books.removed;
      if (input.tendSponge === true) books.removed += squeezeFullSponge(state, full);
      passed += days;
      lastStep = days;
      for (const other of others)
        if (isCleaningDay(other.filter, passed)) {
          books.removed += visitStep(other, mechanicalWork(other));
          othersCleaned += 1;
        } else if (needsCare(other, waters)) {
          books.removed += visitStep(other, () => 'squeeze');
          othersCleaned += 1;
        }
      if (books.removed > removed) isFound = false;
    },
    rotted: () => rottedOwn,
    othersCleaned: () => othersCleaned,
    books: () => ({
      ...books,
      settled: books.made - books.caught,
      stored: filters.reduce((stored, { mass, floorMass }) => stored + sumOf([mass, floorMass], sum), 0),
    }),
  };
}

/** True when a filter is cleaned that is not the one asked about: its flow is low, or it is full. */
const needsCare = (state: SimulationState, waters: Float64Array): boolean =>
  state.balance.through < serviceLimits(state.filter).through * state.cleanThrough ||
  keptShare(state, waters) < MECHANICAL_FULL_SHARE * state.cleanKept;

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

/** Squeezes the sponge on the intake when it was brown; returns what left it, kg. */
function squeezeFullSponge(state: SimulationState, full: Float64Array): number {
  const due = state.inFlow
    .filter(({ chamber }, place) => chamber.where === 'intake' && full[place]! > BROWN_SHARE)
    .map(({ layer }) => layer.id);
  return due.length === 0 ? 0 : visitStep(state, (layerId) => (due.includes(layerId) ? 'squeeze' : null));
}
