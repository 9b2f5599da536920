import { OUT_OF_FLOW_AIM } from '../practice/outOfFlowAim';
import type { OutOfFlow } from './outOfFlow';
import { HOUR } from '../units/time';
import { sumOf } from '../maths/sum';

/** Where the clock stands. */
export type ClockState = 'not started' | 'running' | 'parked' | 'back';

/*
 * A film in still water first uses up the oxygen around it, then starves: slow at first, then fast. A Weibull curve
 * through 95 % kept after one hour and 60 % after four (calibrated).
 */
const SCALE = 6 * HOUR;

const LOGIT_SLOPE = 1.66;

/** Share of film kept below which the pack is handled as if part of it were new (calibrated). */
const WORRYING_FILM_SHARE = 0.75;

/**
 * Where the clock stands after its spans, oldest first: an open span runs, a closed one was parked or is back.
 *
 * @example clockState([{ from: '2026-01-01T10:00:00Z', to: null, parkedIn: '' }]) // 'running'
 */
export function clockState(spans: OutOfFlow): ClockState {
  const last = spans.at(-1);
  if (last === undefined) return 'not started';
  if (last.to === null) return 'running';
  return last.parkedIn === '' ? 'back' : 'parked';
}

/**
 * Seconds that the media has spent without flow up to `now`. Time parked in another running tank or filter does not
 * count. A clock that was set back never makes it negative.
 */
export function secondsOutOfFlow(spans: OutOfFlow, now: string): number {
  return sumOf(spans, ({ from, to }) => Math.max(0, Date.parse(to ?? now) - Date.parse(from)) / 1000);
}

/** Starts the clock; nothing when it runs already. */
export const startClock = (spans: OutOfFlow, now: string): OutOfFlow =>
  clockState(spans) === 'running' ? spans : [...spans, { from: now, to: null, parkedIn: '' }];

/** Stops the clock: parked in another running water, or back in its own filter with an empty name. */
export const stopClock = (spans: OutOfFlow, now: string, parkedIn: string): OutOfFlow =>
  spans.map((span) => (span.to === null ? { ...span, to: now, parkedIn } : span));

/**
 * Share of the film that is still alive, 0–1, after so many seconds without flow, kept wet in tank water.
 *
 * @source calibrated, see above; media parked in running water does not age.
 * @example filmSurvival(4 * 3600) // 0.6
 */
export const filmSurvival = (seconds: number): number =>
  Math.exp(-((Math.max(0, seconds) / SCALE) ** LOGIT_SLOPE));

/** Seconds for which media that lies wet without flow may be handled as mature. */
export const MATURE_WET = SCALE * (-Math.log(WORRYING_FILM_SHARE)) ** (1 / LOGIT_SLOPE);

/** What to do after so many seconds without flow. */
export function clockAdvice(seconds: number): string {
  if (seconds <= OUT_OF_FLOW_AIM) return 'Keep it under old tank water.';
  if (filmSurvival(seconds) > WORRYING_FILM_SHARE)
    return 'Over an hour. Stir the water around the media, or put it in another running filter.';
  return 'Put the media in a running filter now. Feed less, and test ammonia and nitrite for a week.';
}
