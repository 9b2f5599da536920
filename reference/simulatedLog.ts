import type { CloggingInput } from '@/core/dirt/clogging';
import { simulateClogging } from '@/core/dirt/cloggingSimulation';
import { cloggingInput } from '@/core/dirt/cloggingInput';
import { learnedFactors, LEARNED_KEYS } from '@/core/dirt/learnedFactors';
import { serviceCourse, serviceDayOf } from '@/core/dirt/serviceCourse';
import { withFactors } from '@/core/dirt/withFactors';
import type { Layer } from '@/core/layers/layer';
import { predictStretch, segmentInput, type LearningPlace } from '@/core/learn/predictStretch';
import type { LogSegment } from '@/core/learn/stretch';
import { MODEL_ERROR } from '@/core/learn/stretchResiduals';
import { feedPerDay } from '@/core/tank/feedPerDay';
import { seededNormal } from '@/core/maths/seededNormal';

/** A filter that exists on paper only: what is true of it, and what was read of it. */
export interface SimulatedLog {
  /** Coordinates of the truth: those that are learned, then the speed of the pump. */
  readonly truth: readonly number[];
  /** When its service is truly due, days. */
  readonly serviceDay: number;
  readonly stretches: readonly LogSegment[];
}

const DAYS = 200;
/** Readings of a stretch, and what a jug strays by chance. */
const READINGS = 6;
const JUG_ERROR = 0.02;

/**
 * Draws a truth, lets the filter clog by it, and reads its flow six times in the first part of the way to its service.
 * Null when that day is not within the days simulated, or too near to read anything before.
 *
 * @param part of the way to the service that is read, 0–1
 * @param bend makes the world differ from the model, for the truth only
 */
export function simulatedLog(
  place: LearningPlace,
  layers: readonly Layer[],
  seed: number,
  part: number,
  bend: (input: CloggingInput) => CloggingInput = (input) => input,
): SimulatedLog | null {
  const normal = seededNormal(seed * 7919 + 1);
  const truth = Array.from({ length: LEARNED_KEYS.length + 1 }, normal);
  const food = feedPerDay(place.tank);
  const whole = cloggingInput({ ...place, layers, visits: [], days: DAYS, brief: true });
  const run = simulateClogging(withFactors(bend(whole), learnedFactors(truth, food)));
  const serviceDay = serviceDayOf(serviceCourse(run));
  if (serviceDay === null || serviceDay < READINGS) return null;
  const end = part * serviceDay;
  const blank: LogSegment = {
    layers,
    visits: [],
    epochs: [{ day: 0, epoch: 0 }],
    levels: [],
    services: [],
    seen: [],
    end,
    flows: Array.from({ length: READINGS }, (_, number) => ({
      id: `reading ${number}`,
      day: (number * end) / (READINGS - 1),
      flow: 1,
      spread: JUG_ERROR,
    })),
  };
  const seen = predictStretch(bend(segmentInput(place, blank)), blank, truth, food);
  const shared = Math.exp(MODEL_ERROR * normal());
  const flows = blank.flows.map((reading, index) => ({
    ...reading,
    flow: seen.flows[index]! * shared * Math.exp(JUG_ERROR * normal()),
  }));
  return { truth, serviceDay, stretches: [{ ...blank, flows }] };
}
