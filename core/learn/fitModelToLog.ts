import { leaveOneOutPredictions, type Foreseen } from './leaveOneOutPredictions';
import { fitLog, type LogFit } from './fitLog';
import { logModel, type LogModel } from './logModel';
import type { LearningPlace } from './predictStretch';
import { tells, type LogSegment } from './stretch';
import { sumOf } from '../maths/sum';

/** Share of the readings that may not fit before nothing is learned from any of them (calibrated). */
const MAX_ODD = 1 / 3;

/** What a log says: the likeliest point of the uncertain numbers, and what does not fit. */
export interface LearnedLog {
  readonly model: LogModel;
  readonly fit: LogFit;
  /** Things that it was learned from. */
  readonly readings: number;
  /** Readings outside the 99 % range predicted from the others: not learned from. */
  readonly odd: readonly Foreseen[];
}

/**
 * Learns from a log: fits, leaves out the reading that is least likely by the others, and fits again until all that
 * is left was to be expected. One at a time, since a bad reading makes its neighbours look odd.
 *
 * @returns null where nothing is fed or nothing was read; `refused` when more than a third of the readings do not fit:
 *   such a log teaches nothing
 */
export function fitModelToLog(
  place: LearningPlace,
  stretches: readonly LogSegment[],
): LearnedLog | { readonly refused: readonly Foreseen[] } | null {
  const odd: Foreseen[] = [];
  const readings = stretches.reduce((sum, { flows, levels }) => sum + flows.length + levels.length, 0);
  let point: readonly number[] | undefined;
  for (;;) {
    const left = without(stretches, odd);
    const model = logModel(place, left);
    const told = sumOf(left, tells);
    if (model === null || told === 0) return odd.length > 0 ? { refused: odd } : null;
    const fit = fitLog(model, point);
    ({ point } = fit);
    const next = worstOf(leaveOneOutPredictions(model, point));
    if (next === undefined) return { model, fit, readings: told, odd };
    odd.push(next);
    if (odd.length > Math.max(1, MAX_ODD * readings)) return { refused: odd };
  }
}

/** The oddest reading; undefined: all were to be expected. */
const worstOf = (all: readonly Foreseen[]): Foreseen | undefined =>
  all.filter(({ isOdd }) => isOdd).sort((a, b) => Math.abs(b.off) - Math.abs(a.off))[0];

/** The stretches without some of their readings. */
const without = (stretches: readonly LogSegment[], out: readonly Foreseen[]): LogSegment[] => {
  const ids = new Set(out.map(({ id }) => id));
  return stretches.map((stretch) => ({
    ...stretch,
    flows: stretch.flows.filter(({ id }) => !ids.has(id)),
    levels: stretch.levels.filter(({ id }) => !ids.has(id)),
  }));
};
