import { FEWER_SLICES } from './beds';
import { drawnInput, type Sample } from './drawnInput';
import { cloggingInput, type ForecastInput } from './cloggingInput';
import { simulateClogging } from './cloggingSimulation';
import { RANGE_LOW } from '../maths/range';
import { ENSEMBLE_RUNS, type EnsembleRun } from './ensembleRange';
import { courseBy, serviceCourse, serviceDayOf } from './serviceCourse';
import type { ServiceBy } from './serviceMeasures';

/** The runs of an ensemble as everybody draws them. */
export const ENSEMBLE: Sample = { runs: ENSEMBLE_RUNS, seed: 1 };

/**
 * One run of the ensemble: the same pack with everything uncertain drawn anew. The same number draws the same,
 * wherever it runs.
 *
 * @param by the measure that calls for service in the likely run: its course is kept
 * @param run number of the run, from 0
 */
export function ensembleRun(
  input: ForecastInput,
  by: ServiceBy,
  run: number,
  sample: Sample = ENSEMBLE,
): EnsembleRun {
  const drawn = drawnInput({ ...cloggingInput(input), brief: true }, run, sample, input.learned);
  const simulation = simulateClogging({ ...drawn, refine: { slices: FEWER_SLICES, steps: 1 } });
  return {
    course: Float32Array.from(courseBy(simulation, by).course),
    serviceDay: serviceDayOf(serviceCourse(simulation)),
  };
}

/**
 * The run that a plan is made from: the one whose service day stands at the early end of the range, so that service is
 * planned too late in one case of ten only. Null without runs.
 */
export function earlyPercentileRun(runs: readonly EnsembleRun[]): number | null {
  const order = runs
    .map(({ serviceDay }, run) => ({ day: serviceDay ?? Infinity, run }))
    .sort((a, b) => (a.day === b.day ? a.run - b.run : a.day - b.day));
  return order[Math.round(RANGE_LOW * (order.length - 1))]?.run ?? null;
}

/** Every run of the ensemble, in order. */
export const ensembleRuns = (input: ForecastInput, by: ServiceBy): EnsembleRun[] =>
  Array.from({ length: ENSEMBLE.runs }, (_, run) => ensembleRun(input, by, run));
