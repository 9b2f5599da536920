import type { CloggingInput } from '../dirt/clogging';
import { LEARNED_KEYS } from '../dirt/learnedFactors';
import type { Range } from '../maths/range';
import { feedPerDay } from '../tank/feedPerDay';
import { predictStretch, segmentInput, type LearningPlace, type StretchPrediction } from './predictStretch';
import type { LogSegment } from './stretch';
import { flowErrorRoot, stretchResiduals } from './stretchResiduals';

/** What was seen of a filter, held against the model at any point of its uncertain numbers. */
export interface LogModel {
  readonly stretches: readonly LogSegment[];
  /** Coordinates of a point: the shared ones, then the speed of the pump in each epoch. */
  readonly coordinates: number;
  /** What would have been seen, by stretch. */
  readonly predict: (point: readonly number[]) => readonly StretchPrediction[];
  /** Numbers whose squares add up to −2·ln of the posterior density, but for a constant: likelihood and prior. */
  readonly residuals: (point: readonly number[]) => number[];
}

/** Predictions of a stretch that are kept: a fit asks for the same again and again. */
const MAX_KEPT_PREDICTIONS = 64;

/** The model of a log; null where nothing is fed. */
export function logModel(place: LearningPlace, stretches: readonly LogSegment[]): LogModel | null {
  const food = feedPerDay(place.tank);
  if (food.likely <= 0) return null;
  const parts = stretches.map((stretch) => ({
    stretch,
    root: flowErrorRoot(stretch),
    predict: remembered(segmentInput(place, stretch), stretch, food),
  }));
  const epochs = Math.max(0, ...stretches.flatMap(({ epochs }) => epochs.map(({ epoch }) => epoch)));
  return {
    stretches,
    coordinates: LEARNED_KEYS.length + epochs + 1,
    predict: (point) => parts.map(({ predict }) => predict(point)),
    residuals: (point) => [
      ...parts.flatMap(({ stretch, root, predict }) => stretchResiduals(stretch, predict(point), root)),
      ...point,
    ],
  };
}

/** Remembers predictions: a step along the pump’s speed in one epoch changes nothing in the stretches of others. */
function remembered(input: CloggingInput, stretch: LogSegment, food: Range) {
  const known = new Map<string, StretchPrediction>();
  const own = stretch.epochs.map(({ epoch }) => LEARNED_KEYS.length + epoch);
  return (point: readonly number[]): StretchPrediction => {
    const key = [...point.slice(0, LEARNED_KEYS.length), ...own.map((place) => point[place])].join();
    const found = known.get(key) ?? predictStretch(input, stretch, point, food);
    if (known.size >= MAX_KEPT_PREDICTIONS) known.clear();
    known.set(key, found);
    return found;
  };
}
