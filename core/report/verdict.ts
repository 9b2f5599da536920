import type { FilterKind } from '../filter/filterKind';
import type { FindingLevel } from '../findings/findingLevel';
import { DAY } from '../units/time';
import { assumedFood } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { sentence, type Sentence } from '../units/sentence';
import type { PackReport } from './evaluatePack';
import { serviceSpan } from './serviceSpan';
import { shortfalls } from './shortfalls';

/** What is known of the next service: days from packing; null days: not within a year. */
export interface NextService {
  readonly earliest: number | null;
  readonly latest: number | null;
  /** Days after which to look inside, whatever the forecast; left out: not shown. */
  readonly longest?: number;
}

/** A pack in one line, and when it needs hands next in another. */
export interface Verdict {
  readonly level: Extract<FindingLevel, 'urgent' | 'check'> | 'works' | 'empty';
  readonly state: Sentence;
  readonly next: Sentence;
}

/** Why there is no range of days: it is being worked out, or it could not be worked out. */
export type NoService = 'working' | 'failed';

/**
 * The verdict on a pack: its most serious finding or figure, how many more there are, and the next service as a range.
 *
 * @param kind of the filter, for how long it usually runs; left out: the service is not held against that
 *
 * @example verdict(evaluatePack({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }), { earliest: 43, latest: 154 }) // { level: 'check' }
 */
export function verdict(report: PackReport, service: NextService | NoService, kind?: FilterKind): Verdict {
  if (report.layers.length === 0)
    return {
      level: 'empty',
      state: sentence`The filter is empty. Add the first layer.`,
      next: sentence`The forecast then shows when it needs service.`,
    };
  const missed = shortfalls(
    report,
    kind === undefined || typeof service === 'string' ? undefined : { kind, earliest: service.earliest },
  );
  const serious: readonly Told[] = [
    ...report.findings
      .filter(({ level }) => level !== 'note')
      .map(({ level, title }) => ({ isUrgent: level === 'urgent', state: title })),
    ...missed.map(({ state }) => ({ isUrgent: false, state })),
  ];
  const [first] = serious;
  const next = sentence`${nextService(service)}${assumedFoodSaid(report.assumedFood)}`;
  if (first === undefined) return { level: 'works', state: sentence`No problems found.`, next };
  return {
    level: first.isUrgent ? 'urgent' : 'check',
    state: sentence`${first.state}${moreOf(serious)}`,
    next,
  };
}

/** What is taken for the daily food until the keeper enters it; empty once it is entered. */
export const assumedFoodSaid = (perDay: number | null): Sentence =>
  perDay === null ? [] : sentence` Food is assumed: ${{ kind: 'feed', si: perDay }}. Enter it under Measure.`;

/** A verdict that rests on the food, with the food that is assumed. */
export const withAssumedFood = (verdict: Verdict, tank: Tank): Verdict => ({
  ...verdict,
  next: sentence`${verdict.next}${assumedFoodSaid(assumedFood(tank))}`,
});

/** Something that speaks against a pack: a finding, or a figure that misses its limit. */
interface Told {
  readonly isUrgent: boolean;
  readonly state: Sentence;
}

/** “ 1 more urgent, 4 to check.”: what stands behind the first. */
function moreOf(serious: readonly Told[]): string {
  const [first, ...rest] = serious;
  const urgent = rest.filter(({ isUrgent }) => isUrgent).length;
  const check = rest.length - urgent;
  const parts = [
    ...(urgent > 0 ? [`${urgent} more urgent`] : []),
    ...(check > 0 ? [`${check} ${urgent > 0 || first?.isUrgent === true ? '' : 'more '}to check`] : []),
  ];
  return parts.length === 0 ? '' : ` ${parts.join(', ')}.`;
}

/** Days after which hands look into a filter that may last longer than it is left alone; null: service comes first. */
export const daysToLook = ({ earliest, latest, longest }: NextService): number | null =>
  longest !== undefined && (latest === null || (earliest ?? Infinity) > longest) ? longest : null;

/**
 * The next service as a sentence: a range, and “not within a year” only where its early end says so; with the look by date
 * where the filter may last longer than that.
 */
export function nextService(service: NextService | NoService): Sentence {
  if (service === 'working') return sentence`Working out the next service.`;
  if (service === 'failed') return sentence`The next service could not be worked out.`;
  const { earliest, latest } = service;
  const lookAfter = daysToLook(service);
  const look =
    lookAfter === null ? '' : sentence` Look into the filter after ${{ kind: 'days', si: lookAfter * DAY }}.`;
  if (earliest === null) return sentence`Next service: not within a year.${look}`;
  const { unit, from, to } = serviceSpan(earliest, latest);
  if (to === null) return sentence`Next service: in ${String(from)} ${unit} or later.${look}`;
  return from === to
    ? sentence`Next service: in about ${String(to)} ${unit}.${look}`
    : sentence`Next service: in ${String(from)} to ${String(to)} ${unit}.${look}`;
}
