import { DAY_MS, daysBetween } from '../units/daysBetween';
import { visitKey, type Due } from './due';
import type { Outlook } from '../outlook/outlook';

/**
 * Whether a filter, once what is due before is done, holds until somebody is back: even by the early end of its range;
 * only by the likely one; perhaps not, by the early end of the interval after a service; not; or its media are out.
 */
export const AWAY_OUTCOMES = ['yes', 'likely', 'perhaps not', 'no', 'not known', 'media are out'] as const;
export type Holds = (typeof AWAY_OUTCOMES)[number];

/** A filter while the keeper is away. */
export interface AwayFilter {
  readonly id: string;
  readonly name: string;
  readonly holds: Holds;
  /** What is to be done before, soonest first: it would fall due meanwhile. */
  readonly before: readonly Due[];
}

/** A time away. */
export interface Away {
  /** ISO date of the first day. */
  readonly from: string;
  readonly days: number;
}

/** What the home page has of a filter. */
interface Known {
  readonly id: string;
  readonly name: string;
  readonly due: readonly Due[];
  readonly outlook: Outlook | null;
  /** A repack is under way. */
  readonly packIsOut: boolean;
}

/** ISO date of the first day that somebody is there again. */
export const backOn = ({ from, days }: Away): string =>
  new Date(Date.parse(`${from}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/**
 * What to do before a time away, filter by filter, and whether each holds until somebody is back; as if fed as ever, which
 * is more than a feeder gives. What has to be done soonest comes first.
 *
 * @param now ISO moment
 */
export function awayPlan(filters: readonly Known[], away: Away, now: string): AwayFilter[] {
  const back = backOn(away);
  const daysToBack = daysBetween(now, `${back}T12:00:00Z`);
  return filters
    .map(({ id, name, due, outlook, packIsOut }): AwayFilter => {
      if (packIsOut) return { id, name, before: [], holds: 'media are out' };
      const before = due.filter(({ on }) => on < back);
      const isServiced = before.some(({ key }) => key === visitKey(id));
      const holds = isServiced ? holdsAfter(outlook, away.days) : holdsUntil(outlook, daysToBack, now);
      return { id, name, before, holds };
    })
    .sort(
      (a, b) =>
        AWAY_OUTCOMES.indexOf(b.holds) - AWAY_OUTCOMES.indexOf(a.holds) ||
        b.before.length - a.before.length ||
        a.name.localeCompare(b.name),
    );
}

/** After a service just before leaving. @param days away */
function holdsAfter(outlook: Outlook | null, days: number): Holds {
  const [first, second] = outlook?.forecast?.visits ?? [];
  if (first === undefined) return 'not known';
  // Visits are planned on the early end of the range.
  return second === undefined || second.day - first.day > days ? 'yes' : 'perhaps not';
}

/** As it is. @param days from now until somebody is back */
function holdsUntil(outlook: Outlook | null, days: number, now: string): Holds {
  const ahead = outlook?.forecast ?? null;
  if (ahead === null) return 'not known';
  const age = daysBetween(ahead.packedAt, now);
  if (ahead.earliest === null || ahead.earliest - age > days) return 'yes';
  return ahead.likely === null || ahead.likely - age > days ? 'likely' : 'no';
}

/** Whether an away time is over, or was never set. @param now ISO moment */
export const isOver = (away: Away | null, now: string): boolean =>
  away === null || backOn(away) <= now.slice(0, 10);
