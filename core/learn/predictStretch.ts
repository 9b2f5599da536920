import type { CloggingInput } from '../dirt/clogging';
import { simulateClogging, type CloggingSimulation } from '../dirt/cloggingSimulation';
import { cloggingInput, type ForecastInput } from '../dirt/cloggingInput';
import { LEARNED_KEYS, learnedFactors, SPEED_SPREAD } from '../dirt/learnedFactors';
import { withFactors } from '../dirt/withFactors';
import type { Range } from '../maths/range';
import { dayOfVisit, wholeDays } from './serviceVisits';
import type { LogSegment } from './stretch';

/** A filter on its tank beside the others there. */
export type LearningPlace = Pick<ForecastInput, 'tank' | 'filter' | 'others'>;

/** What the model says would have been seen in a stretch: in the order of its flows, levels, services and layers seen. */
export interface StretchPrediction {
  readonly flows: readonly number[];
  readonly levels: readonly number[];
  /** Level with the clean pack, below the rim, m. */
  readonly cleanLevel: number;
  /** Flow through the pack at each service over the flow at which its body calls for one. */
  readonly overLimit: readonly number[];
  /** Share of what fits that each layer holds at the end, 0–1. */
  readonly held: readonly number[];
}

/** A filter that is blocked altogether still has a logarithm of its flow, m³/s: a few millilitres an hour. */
const MIN_FLOW = 1e-9;

/** Longest stretch that is followed, days: what was read later says little that earlier readings do not. */
export const LONGEST_STRETCH = 400;

/** The march of a stretch, up to the last thing seen in it. */
export function segmentInput({ tank, filter, others }: LearningPlace, stretch: LogSegment): CloggingInput {
  const last = Math.max(
    1,
    ...[...stretch.flows, ...stretch.levels, ...stretch.services].map(({ day }) => day),
    stretch.seen.length > 0 ? stretch.end : 0,
  );
  return cloggingInput({
    tank,
    filter,
    others,
    layers: stretch.layers,
    visits: wholeDays(stretch.visits),
    days: Math.min(LONGEST_STRETCH, Math.ceil(last)),
    brief: true,
  });
}

/**
 * What would have been seen, were the uncertain numbers at a point.
 *
 * @param input of {@link segmentInput}
 * @param point shared coordinates, as many as there are keys, then the speed of the pump in each epoch
 */
export function predictStretch(
  input: CloggingInput,
  stretch: LogSegment,
  point: readonly number[],
  food: Range,
): StretchPrediction {
  const shared = point.slice(0, LEARNED_KEYS.length);
  const speedAt = (day: number): number => speedOf(point, epochAt(stretch, day));
  const first = point[LEARNED_KEYS.length + epochAt(stretch, 0)]!;
  const simulation = simulateClogging(withFactors(input, learnedFactors([...shared, first], food)));
  const layers = input.own.inFlow.map(({ layer }) => layer.id);
  const held = simulation.fullness.subarray(simulation.days * layers.length);
  return {
    // The condition of the pump changes what comes out at once; what it changes in the clogging is small.
    flows: stretch.flows.map(({ day }) =>
      Math.max(
        MIN_FLOW,
        (valueAt(simulation, 'flow', stretch, day) * speedAt(day)) / speedOf(point, epochAt(stretch, 0)),
      ),
    ),
    levels: stretch.levels.map(({ day }) => valueAt(simulation, 'headroom', stretch, day)),
    cleanLevel: simulation.headroom[0]!,
    overLimit: stretch.services.map(
      ({ day }) =>
        valueAt(simulation, 'through', stretch, day - JUST_BEFORE) /
        (simulation.limits.through * simulation.through[0]!),
    ),
    held: stretch.seen.map(({ layerId }) => held[layers.indexOf(layerId)] ?? 0),
  };
}

/** A little before a service, days. */
const JUST_BEFORE = 1e-6;

const epochAt = ({ epochs }: LogSegment, day: number): number =>
  epochs.filter((candidate) => candidate.day <= day).at(-1)?.epoch ?? 0;

const speedOf = (point: readonly number[], epoch: number): number =>
  SPEED_SPREAD ** point[LEARNED_KEYS.length + epoch]!;

/** A value of the simulation at a moment, straight between days, and never across a visit. */
function valueAt(
  simulation: CloggingSimulation,
  key: 'flow' | 'headroom' | 'through',
  { visits }: LogSegment,
  day: number,
): number {
  const before = visits.filter((visit) => visit.day <= day).map((visit) => dayOfVisit(visit.day));
  const after = visits.filter((visit) => visit.day > day).map((visit) => dayOfVisit(visit.day));
  const least = Math.max(0, ...before);
  const most = Math.max(least, Math.min(simulation.days, ...after.map((visit) => visit - 1)));
  const at = Math.min(most, Math.max(least, day));
  const whole = Math.min(simulation.days, Math.floor(at));
  const values = simulation[key];
  const [a, b] = [values[whole]!, values[Math.min(simulation.days, whole + 1)]!];
  return whole >= most ? a : a + (b - a) * (at - whole);
}
