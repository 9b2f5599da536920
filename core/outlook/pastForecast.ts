import { z } from 'zod';
import { MomentSchema } from '../document/fields';
import { FEWER_SLICES } from '../dirt/beds';
import { cloggingInput } from '../dirt/cloggingInput';
import { simulateClogging } from '../dirt/cloggingSimulation';
import { drawnInput } from '../dirt/drawnInput';
import { ENSEMBLE } from '../dirt/ensemble';
import { ensembleRange, rangeOfCourses } from '../dirt/ensembleRange';
import { forecast } from '../dirt/forecast';
import { serviceCourse, serviceDayOf } from '../dirt/serviceCourse';
import { MEASURES } from '../dirt/serviceMeasures';
import { fitModelToLog } from '../learn/fitModelToLog';
import { laplacePosterior } from '../learn/laplacePosterior';
import type { LearningPlace } from '../learn/predictStretch';
import type { LogSegment } from '../learn/stretch';
import type { Layer } from '../layers/layer';
import type { Range } from '../maths/range';
import { HORIZON } from '../pack/visitLimits';
import { keptCourse } from './keptCourse';
import { CourseRangeSchema } from './outlook';

const day = z.number().min(0).max(HORIZON).nullable().describe('null: not within a year');

/**
 * What was to be expected of a pack on the day it went in, by the log up to that day. Days count from then; flows m³/s at the
 * outlet, levels m below the rim.
 */
export const PastForecastSchema = z.object({
  packedAt: MomentSchema,
  by: z.enum(MEASURES).describe('What would call for service'),
  earliest: day,
  likely: day,
  latest: day,
  clean: z.object({ low: z.number(), likely: z.number(), high: z.number() }),
  level: CourseRangeSchema.nullable().describe('null: the filter has no rim'),
});
export type PastForecast = z.infer<typeof PastForecastSchema>;

/** All that a past forecast is worked out from. */
export interface PastForecastInput {
  readonly place: LearningPlace;
  /** Of the log before the pack went in. */
  readonly stretches: readonly LogSegment[];
  readonly layers: readonly Layer[];
  /** ISO moment */
  readonly packedAt: string;
}

/** Works out anew what was to be expected of a pack on the day it went in. Takes seconds: ask a worker. */
export function workOutPastForecast({
  place,
  stretches,
  layers,
  packedAt,
}: PastForecastInput): PastForecast | null {
  const found = stretches.length === 0 ? null : fitModelToLog(place, stretches);
  const learned = found === null || 'refused' in found ? null : laplacePosterior(found);
  const input = { ...place, layers, visits: [], days: HORIZON, learned, brief: true };
  const { simulation: likely } = forecast(input);
  const begins = cloggingInput(input);
  const simulations = Array.from({ length: ENSEMBLE.runs }, (_, run) =>
    simulateClogging({
      ...drawnInput(begins, run, ENSEMBLE, learned),
      refine: { slices: FEWER_SLICES, steps: 1 },
    }),
  );
  const range = ensembleRange(
    simulations.map((simulation) => ({
      course: Float32Array.from(simulation.flow),
      serviceDay: serviceDayOf(serviceCourse(simulation)),
    })),
  );
  if (range === null) return null;
  const calls = serviceCourse(likely);
  const clean: Range = { low: range.low[0]!, likely: likely.flow[0]!, high: range.high[0]! };
  return {
    packedAt,
    by: calls.by,
    earliest: range.earliest,
    likely: serviceDayOf(calls),
    latest: range.latest,
    clean,
    level: Number.isNaN(likely.headroom[0])
      ? null
      : keptCourse(
          likely.headroom,
          rangeOfCourses(simulations.map(({ headroom }) => Float32Array.from(headroom))),
        ),
  };
}
