import { SERVICE_SHARE } from '../practice/serviceShare';
import type { LogSegment } from '../learn/stretch';
import type { Range } from '../maths/range';
import { COURSE_STEP } from './courseStep';
import type { PastForecast } from './pastForecast';

/** What of a forecast can be held against what was seen. */
export const CHECKED = ['service', 'flow', 'level'] as const;
export type Checked = (typeof CHECKED)[number];

/** A forecast against what came of it: days from packing, m³/s at the outlet with the clean pack, or m below the rim. */
export interface ForecastCheck {
  readonly what: Checked;
  /** ISO moment at which the pack went in. */
  readonly packedAt: string;
  readonly expected: { readonly low: number; readonly likely: number | null; readonly high: number | null };
  /** What was seen; null: service was not due yet when the filter was opened. */
  readonly seen: number | null;
  /** The day on which the filter was opened, where service was not due before. */
  readonly openedOn: number | null;
  /** How far outside the likely range, with its sign: 0 within it, null where nothing can be said. */
  readonly off: number | null;
}

/** Days after packing within which a reading is of the clean pack. */
const CLEAN_DAYS = 2;

/**
 * Holds a past forecast against the life of its pack. Service is seen only where the outlet shows it: the measured flow falls to the
 * limit between two readings, straight between them, before anything was cleaned.
 *
 * @param showsAtOutlet false where water has a way past the media
 */
export function forecastChecks(
  past: PastForecast,
  life: Pick<LogSegment, 'flows' | 'levels' | 'visits' | 'end'>,
  showsAtOutlet: boolean,
): ForecastCheck[] {
  const { packedAt, clean } = past;
  const until = Math.min(life.end, ...life.visits.map(({ day }) => day));
  const flows = life.flows.filter(({ day }) => day <= until);
  const first = flows.find(({ day }) => day <= CLEAN_DAYS);
  const checks: ForecastCheck[] = [];
  if (showsAtOutlet && past.by === 'through' && first !== undefined && past.earliest !== null)
    checks.push(serviceCheck(past, past.earliest, reached(flows, SERVICE_SHARE * first.flow), until));
  if (first !== undefined)
    checks.push({ what: 'flow', packedAt, ...against(clean, first.flow), openedOn: null });
  const level = life.levels.filter(({ day }) => day <= until).at(-1);
  const expected = level === undefined ? null : levelOn(past, level.day);
  if (level !== undefined && expected !== null)
    checks.push({ what: 'level', packedAt, ...against(expected, level.headroom), openedOn: null });
  return checks;
}

function serviceCheck(
  { packedAt, likely, latest }: PastForecast,
  low: number,
  seen: number | null,
  until: number,
): ForecastCheck {
  const expected = { low, likely, high: latest };
  const common = {
    what: 'service',
    packedAt,
    expected,
    seen,
    openedOn: seen === null ? until : null,
  } as const;
  if (seen !== null) return { ...common, off: offBy(seen, low, latest ?? Infinity) };
  // Opened before it was due: later than the range is all that could still be seen.
  return { ...common, off: latest !== null && until > latest ? until - latest : null };
}

const against = (expected: Range, seen: number): Pick<ForecastCheck, 'expected' | 'seen' | 'off'> => ({
  expected,
  seen,
  off: offBy(seen, expected.low, expected.high),
});

const offBy = (seen: number, low: number, high: number): number =>
  seen < low ? seen - low : seen > high ? seen - high : 0;

/** The day on which the measured flow falls to a limit; null: it did not. */
function reached(flows: LogSegment['flows'], limit: number): number | null {
  for (const [place, { day, flow }] of flows.entries()) {
    if (flow > limit) continue;
    const before = flows[place - 1];
    if (before === undefined) return day;
    return before.day + ((day - before.day) * (before.flow - limit)) / (before.flow - flow);
  }
  return null;
}

/** The level that was expected on a day; null past the days that were looked ahead, or without a rim. */
function levelOn({ level }: PastForecast, day: number): Range | null {
  const place = Math.round(day / COURSE_STEP);
  if (level === null || level.likely[place] === undefined) return null;
  return { low: level.low[place]!, likely: level.likely[place], high: level.high[place]! };
}

/** How the forecasts of one kind, or of all, turned out. */
export interface ForecastScore {
  /** Those that came to an end that says something. */
  readonly told: number;
  readonly within: number;
  /** Below and above the likely range: service sooner or later, less or more flow. */
  readonly below: number;
  readonly above: number;
}

/** Counts forecasts by how they turned out. */
export function scoreOf(checks: readonly ForecastCheck[]): ForecastScore {
  const told = checks.filter(({ off }) => off !== null);
  const count = (is: (off: number) => boolean): number => told.filter(({ off }) => is(off ?? 0)).length;
  return {
    told: told.length,
    within: count((off) => off === 0),
    below: count((off) => off < 0),
    above: count((off) => off > 0),
  };
}

/**
 * The way in which the newest two forecasts of a kind were both off: -1 below, 1 above; null: they were not.
 *
 * @param checks of one filter, oldest first
 */
export function offTwice(checks: readonly ForecastCheck[], what: Checked): -1 | 1 | null {
  const [older, newer] = checks
    .flatMap((check) => (check.what === what && check.off !== null ? [Math.sign(check.off)] : []))
    .slice(-2);
  if (older === undefined || newer === undefined || older === 0 || older !== newer) return null;
  return older < 0 ? -1 : 1;
}
