import { feedPerDay } from '../tank/feedPerDay';
import { DIRT_SPREAD, USUAL_DIRT, type DirtNumbers } from './dirtNumbers';
import { cloggingInput, type ForecastInput } from './forecast';
import { simulateClogging } from './cloggingSimulation';
import { courseBy, serviceDayOf, type ServiceBy } from './serviceCourse';
import { seededRandom } from '../units/seededRandom';

/** Runs of an ensemble. */
export const ENSEMBLE_RUNS = 100;
/** Where the range of an answer begins and ends: four of five runs lie within. */
const LOW = 0.1;
const HIGH = 0.9;

/** One run: its course by day as shares of the clean value, and its service day. */
export interface EnsembleRun {
  readonly course: Float32Array;
  readonly serviceDay: number | null;
}

/** The likely range of a forecast: by day, and for the service day; null there: not within the days simulated. */
export interface EnsembleRange {
  readonly runs: number;
  readonly low: Float32Array;
  readonly high: Float32Array;
  readonly earliest: number | null;
  readonly latest: number | null;
}

/**
 * One run of the ensemble: the same pack with food and the uncertain numbers of the dirt model drawn anew. The same
 * number draws the same, wherever it runs.
 *
 * @param by what service hangs on in the likely run
 * @param number of the run, from 0
 */
export function ensembleRun(input: ForecastInput, by: ServiceBy, number: number): EnsembleRun | null {
  const random = seededRandom(number + 1);
  // The first draws of neighbouring seeds resemble each other.
  for (let skip = 0; skip < 8; skip += 1) random();
  const food = feedPerDay(input.tank.feed);
  if (food === null) return null;
  const fedSpread = food.likely > 0 ? Math.max(1, Math.sqrt(food.high / Math.max(food.low, 1e-12))) : 1;
  const factor = (spread: number): number => spread ** normal(random);
  const simulation = simulateClogging({
    ...cloggingInput(input),
    fed: factor(fedSpread),
    numbers: drawn(factor),
    brief: true,
  });
  if (simulation === null) return null;
  const course = courseBy(simulation, by);
  return { course: Float32Array.from(course.course), serviceDay: serviceDayOf(course) };
}

const drawn = (factor: (spread: number) => number): DirtNumbers => ({
  ...USUAL_DIRT,
  solidsPerFood: USUAL_DIRT.solidsPerFood * factor(DIRT_SPREAD.solidsPerFood),
  attachment: USUAL_DIRT.attachment * factor(DIRT_SPREAD.attachment),
  decay: USUAL_DIRT.decay * factor(DIRT_SPREAD.decay),
  sludgeDensity: USUAL_DIRT.sludgeDensity * factor(DIRT_SPREAD.sludgeDensity),
});

/** A number of the standard normal distribution. @source Box & Muller 1958. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** The range that four of five runs lie in. */
export function ensembleRange(runs: readonly EnsembleRun[]): EnsembleRange | null {
  const [first] = runs;
  if (first === undefined) return null;
  const days = first.course.length;
  const low = new Float32Array(days);
  const high = new Float32Array(days);
  const column = new Float32Array(runs.length);
  for (let day = 0; day < days; day += 1) {
    runs.forEach((run, index) => {
      column[index] = run.course[day]!;
    });
    column.sort();
    low[day] = at(column, LOW);
    high[day] = at(column, HIGH);
  }
  // A run that never needs service is later than any that does.
  const serviceDays = Float64Array.from(runs, (run) => run.serviceDay ?? Infinity).sort();
  const orNull = (day: number): number | null => (Number.isFinite(day) ? day : null);
  return {
    runs: runs.length,
    low,
    high,
    earliest: orNull(at(serviceDays, LOW)),
    latest: orNull(at(serviceDays, HIGH)),
  };
}

/** The value at a share of a sorted list, 0–1: the nearest one, so that “never” is not averaged. */
const at = (sorted: Float32Array | Float64Array, share: number): number =>
  sorted[Math.round(share * (sorted.length - 1))]!;
