import { simulateClogging } from '../dirt/cloggingSimulation';
import { drawnInput } from '../dirt/drawnInput';
import { earlyPercentileRun, ENSEMBLE } from '../dirt/ensemble';
import { ensembleRange, rangeOfCourses } from '../dirt/ensembleRange';
import { forecast } from '../dirt/forecast';
import { cloggingInput, type ForecastInput } from '../dirt/cloggingInput';
import type { Foreseen } from '../learn/leaveOneOutPredictions';
import { fitModelToLog } from '../learn/fitModelToLog';
import { oddCauses } from '../learn/oddCauses';
import type { LearningPlace } from '../learn/predictStretch';
import { drawPosterior } from '../learn/drawPosterior';
import type { LogSegment } from '../learn/stretch';
import type { Layer } from '../layers/layer';
import type { Visit } from '../pack/visit';
import { HORIZON } from '../pack/visitLimits';
import { serviceDayFrom } from '../service/serviceDayFrom';
import { servicePlan } from '../service/servicePlan';
import { keptCourse } from './keptCourse';
import { MAX_DAYS, type OddReading, type Outlook, type OutlookForecast } from './outlook';

/** All that an outlook is worked out from. */
export interface OutlookInput {
  readonly place: LearningPlace;
  readonly stretches: readonly LogSegment[];
  /** The pack that is in; null: not known. */
  readonly current: {
    readonly layers: readonly Layer[];
    /** ISO moment */
    readonly packedAt: string;
    /** What was done to it since, on whole days from when it went in. */
    readonly done: readonly Visit[];
    /** Whole days since it went in. */
    readonly today: number;
  } | null;
}

/** Parts of the work, as shares of the whole, for the progress shown (measured on the demo). */
const LEARNED_BY = 0.7;

/**
 * Learns from a filter’s log and looks a year ahead. Takes seconds: ask a worker.
 *
 * @param tell called with the share of the work done, 0–1
 */
export function workOutOutlook(
  input: OutlookInput,
  tell: (share: number) => void = () => undefined,
): Outlook {
  const learned = whatIsLearned(input, (share) => tell(LEARNED_BY * share));
  const ahead = lookAhead(input, learned.posterior, (share) => tell(LEARNED_BY + (1 - LEARNED_BY) * share));
  return { learned, forecast: ahead };
}

function whatIsLearned(
  { place, stretches }: OutlookInput,
  tell: (share: number) => void,
): Outlook['learned'] {
  const found = fitModelToLog(place, stretches);
  if (found === null) return { posterior: null, refused: false, odd: [] };
  if ('refused' in found)
    return { posterior: null, refused: true, odd: found.refused.map((reading) => oddOf(reading, [])) };
  const odd = found.odd.map((reading) =>
    oddOf(reading, oddCauses(place, found.model, found.fit.point, reading)),
  );
  return { posterior: drawPosterior(found, undefined, tell), refused: false, odd };
}

/** What is kept of a reading that does not fit. */
const oddOf = ({ id, kind, value, low, high }: Foreseen, causes: OddReading['causes']): OddReading => ({
  ...{ id, kind, value, low, high },
  causes,
});

function lookAhead(
  { place, current }: OutlookInput,
  learned: Outlook['learned']['posterior'],
  tell: (share: number) => void,
): OutlookForecast | null {
  if (current === null || current.layers.length === 0) return null;
  const { layers, packedAt, done } = current;
  const today = Math.min(current.today, MAX_DAYS - HORIZON);
  const days = today + HORIZON;
  const input: ForecastInput = { ...place, layers, visits: done, days, learned };
  const likely = forecast({ ...input, brief: true });
  const from = Math.max(0, ...done.map(({ day }) => day));
  const begins = { ...cloggingInput(input), brief: true };
  const runs = Array.from({ length: ENSEMBLE.runs }, (_, run) => {
    const simulation = simulateClogging(drawnInput(begins, run, ENSEMBLE, learned));
    tell((run + 1) / ENSEMBLE.runs);
    return {
      course: Float32Array.from(simulation.flow),
      lost: Float32Array.from(simulation.lost),
      passes: Float32Array.from(simulation.passes),
      serviceDay: serviceDayFrom(simulation, from).day,
    };
  });
  const range = ensembleRange(runs);
  if (range === null) return null;
  const service = serviceDayFrom(likely.simulation, from);
  const plan = servicePlan({ ...input, visits: [], days: HORIZON }, earlyPercentileRun(runs), {
    today,
    done,
  });
  return {
    packedAt,
    by: service.by,
    earliest: range.earliest,
    likely: service.day,
    latest: range.latest,
    flow: keptCourse(likely.simulation.flow, range),
    lost: keptCourse(likely.simulation.lost, rangeOfCourses(runs.map(({ lost }) => lost))),
    passes: keptCourse(likely.simulation.passes, rangeOfCourses(runs.map(({ passes }) => passes))),
    visits: plan.visits.map((visit) => ({
      ...visit,
      works: [...visit.works],
      lifts: [...visit.lifts],
    })),
    sponge: likely.spongeDay,
  };
}
