import { FEWER_SLICES } from '../dirt/beds';
import { MAX_FINES_DIAMETER } from '../dirt/clearWater';
import { beginClogging, type CloggingDay } from '../dirt/clogging';
import { cloggingInput, type ForecastInput } from '../dirt/cloggingInput';
import { calibratedInput } from '../dirt/calibratedInput';
import { decayAt, USUAL_DIRT } from '../dirt/dirtNumbers';
import { limitOf, MEASURES } from '../dirt/serviceMeasures';
import type { ServiceLimits } from '../dirt/serviceLimits';
import { siltOf, type Silt } from '../dirt/silt';
import { SIZE_CLASSES } from '../dirt/sizeClasses';
import type { PlacedLayer } from '../layers/placedLayer';
import { HORIZON } from '../pack/visitLimits';
import type { Visit } from '../pack/visit';
import { livesByDate, nextVisit, usedUp } from '../service/nextVisit';

/** A filter until it is due for the first time, and what has silted up. */
export interface FirstClogging {
  readonly inFlow: readonly PlacedLayer[];
  /** Day on which it is due, as the forecast has it; null: not within the year. */
  readonly serviceDay: number | null;
  /** What hands do then; null: it is not due, or nothing would help. */
  readonly visit: Visit | null;
  /** By layer in flow order: day on which floss is used up or a cartridge full, as far as it was followed; null: not. */
  readonly usedUpDays: readonly (number | null)[];
  /** Of the clean pack: flow to the tank and through the media, m³/s, and suspended solids finer than 100 µm, kg/m³. */
  readonly flow: number;
  readonly through: number;
  readonly fines: number;
  /** What sits in the layers when service is due, or after `siltDays` where that comes first; and after `siltDays`. */
  readonly atService: Silt;
  readonly later: Silt;
}

/**
 * Lets a filter clog until it is due and its biological media have silted for some days: a forecast that stops as soon
 * as a judgement can be made.
 *
 * @param siltDays days after which the silt in biological media is asked for
 */
export function firstClogging(input: ForecastInput, siltDays: number): FirstClogging {
  const begins = calibratedInput(cloggingInput({ ...input, visits: [], brief: true }), input.learned ?? null);
  const clogging = beginClogging({ ...begins, refine: { slices: FEWER_SLICES, steps: 1 } });
  const { state, waters } = clogging;
  const { inFlow } = begins.own;
  const numbers = begins.numbers ?? USUAL_DIRT;
  const rots = numbers.sludgeDensity * decayAt(numbers, input.tank.temperature);
  const silt = (): Silt => siltOf(state.beds, state.deposits, rots);
  const clean = clogging.today();
  const { flow, through } = state.balance;
  const fines = SIZE_CLASSES.reduce(
    (sum, { diameter }, size) => (diameter < MAX_FINES_DIAMETER ? sum + waters[size]! : sum),
    0,
  );
  const cleanOwn = state.streams.map(({ own }) => own);
  const { tank, added = [], now = null } = input;
  const lives = livesByDate(inFlow, { tank, added, now });
  const usedUpDays: (number | null)[] = inFlow.map(() => null);
  let serviceDay: number | null = null;
  let visit: Visit | null = null;
  let atService: Silt | null = null;
  let later: Silt | null = null;
  let before: CloggingDay = clean;
  for (let day = 0, step = 1; day < HORIZON;) {
    step = Math.min(stepFrom(day, siltDays), HORIZON - day);
    day += step;
    clogging.pass(step);
    const today = clogging.today();
    const used = usedUp(state, cleanOwn, today);
    used.forEach((is, place) => {
      if (is) usedUpDays[place] ??= day;
    });
    const due: number | null = serviceDay === null ? dueBetween(clogging.limits, clean, before, today) : null;
    if (due !== null) {
      serviceDay = day - step * (1 - due);
      atService = silt();
    }
    // Hands wait a week after the last time.
    if (serviceDay !== null && visit === null)
      visit = nextVisit({
        day: Math.max(day, FIRST_DAY),
        today,
        clean,
        limits: clogging.limits,
        inFlow,
        visits: [],
        lives,
        usedUp: used,
        longest: Infinity,
      });
    if (day === siltDays) {
      later = silt();
      atService ??= later;
    }
    if (serviceDay !== null && day >= siltDays) break;
    before = today;
  }
  const last = later ?? silt();
  return {
    inFlow,
    serviceDay,
    visit,
    usedUpDays,
    flow,
    through,
    fines,
    atService: atService ?? last,
    later: last,
  };
}

/** Share of the days gone by that passes at once, and most days of a step. */
const STEP_SHARE = 0.12;
const LONGEST_STEP = 30;

/**
 * Days that pass at once: a filter that has gone so long clogs slowly (calibrated with the slices: nine of ten service days within
 * 1 % of the forecast’s, the others within 4 %). No step passes over the day on which silt is asked for.
 */
const stepFrom = (day: number, siltDays: number): number => {
  const step = Math.min(LONGEST_STEP, Math.max(1, Math.round(day * STEP_SHARE)));
  return day < siltDays ? Math.min(step, siltDays - day) : step;
};

/** First day on which hands may go in after it was packed. */
const FIRST_DAY = 8;

/** Share of a day after which flow, headroom or what is kept falls to its limit; null: it does not that day. */
function dueBetween(
  limits: ServiceLimits,
  clean: CloggingDay,
  before: CloggingDay,
  today: CloggingDay,
): number | null {
  const shares = MEASURES.flatMap((by) => {
    const limit = limitOf(by, clean[by], limits) * clean[by];
    if (!(today[by] <= limit)) return [];
    return [before[by] <= limit ? 0 : (before[by] - limit) / (before[by] - today[by])];
  });
  return shares.length === 0 ? null : Math.min(...shares);
}
