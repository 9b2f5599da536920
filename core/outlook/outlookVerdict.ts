import { DAYS_IN, serviceSpan } from '../report/serviceSpan';
import { assumedFoodSaid, type Verdict } from '../report/verdict';
import { daysBetween } from '../units/daysBetween';
import { sentence } from '../units/sentence';
import { NO_FORECAST_WORDS, type NoForecast } from './whyNoForecast';
import type { Outlook, OutlookForecast } from './outlook';

/**
 * The outlook of a filter, in a sentence: the range of the next service, from today on.
 *
 * @param now ISO moment
 * @param why there is no forecast, where there is none
 * @param assumedFood dry food a day that is taken for what is fed, kg; null: the keeper has entered it
 */
export function outlookVerdict(
  outlook: Outlook | null,
  now: string,
  why: NoForecast,
  assumedFood: number | null = null,
): Verdict {
  const ahead = outlook?.forecast ?? null;
  if (outlook === null || ahead === null) {
    const [state, next] = NO_FORECAST_WORDS[why];
    return { level: why === 'failed' ? 'check' : 'empty', state, next };
  }
  const since = daysBetween(ahead.packedAt, now);
  const from = ahead.earliest === null ? null : ahead.earliest - since;
  const to = ahead.latest === null ? null : ahead.latest - since;
  const next = sentence`${learnedFrom(outlook)}${assumedFoodSaid(assumedFood)}`;
  const look = lookIn(ahead, since);
  if (from === null) return { level: 'works', state: sentence`Next service: in over a year.${look}`, next };
  if (to !== null && to <= 0)
    return { level: 'check', state: sentence`Needs service now: it was due ${daysAgo(-to)}.`, next };
  if (ahead.likely !== null && ahead.likely - since <= 0)
    return { level: 'check', state: sentence`Needs service about now.`, next };
  if (from < 1) {
    const within = to === null ? '' : `, within ${spanEnd(to)}`;
    return { level: 'works', state: sentence`Next service: any day now${within}.`, next };
  }
  return { level: 'works', state: sentence`Next service: in ${spanWords(from, to)}.${look}`, next };
}

/** The same while the pack is out: what is forecast is of media that do not lie in the filter. */
export const whileRepacking = (verdict: Verdict): Verdict => ({
  level: 'works',
  state: sentence`You are repacking. The forecast is updated once the new pack is in.`,
  next: verdict.next,
});

/** “ Look into the filter in about 5 weeks.”, where that comes before anything calls for service. */
function lookIn({ visits: [visit] }: OutlookForecast, since: number): string {
  if (visit?.why !== 'look') return '';
  const days = visit.day - since;
  const weeks = days < DAYS_IN.weeks ? null : Math.round(days / DAYS_IN.weeks);
  const span = weeks === null ? counted(Math.ceil(days), 'days') : counted(weeks, 'weeks');
  return ` Look into the filter ${days < 1 ? 'now' : `in about ${span}`}.`;
}

/** “from 26 readings”, or why nothing was learned. */
function learnedFrom({ learned: { posterior, refused, odd } }: Outlook): Verdict['next'] {
  if (refused)
    return sentence`The log was not used: more than a third of its readings contradict each other. Check their dates and the size of the jug.`;
  if (posterior === null) return sentence`Measure the flow to narrow this range.`;
  const readings = `${posterior.readings} ${posterior.readings === 1 ? 'reading' : 'readings'}`;
  return odd.length === 0
    ? sentence`Based on ${readings} from this filter.`
    : sentence`Based on ${readings} from this filter; ${odd.length === 1 ? 'one reading does' : `${odd.length} readings do`} not match the others.`;
}

const daysAgo = (days: number): string =>
  days < 1 ? 'today' : days < 2 ? 'yesterday' : `${Math.floor(days)} days ago`;

const counted = (number: number, unit: 'days' | 'weeks'): string =>
  `${number} ${number === 1 ? unit.slice(0, -1) : unit}`;

/** “4 weeks” */
function spanEnd(latest: number): string {
  const { unit, to } = serviceSpan(latest, latest);
  return counted(to ?? 0, unit);
}

/** “2 to 5 days”, “6 weeks or later”. */
function spanWords(earliest: number, latest: number | null): string {
  const { unit, from, to } = serviceSpan(earliest, latest);
  if (to === null) return `${from} ${unit} or later`;
  return from === to ? counted(from, unit) : `${from} to ${to} ${unit}`;
}
