import { sentence } from '../units/sentence';
import type { Assumption } from './assumptions';
import type { Verdict } from './verdict';

/** Whether enough is known of a tank and its filter to plan, and how much of it is assumed. */
export function surveyVerdict(assumed: readonly Assumption[]): Verdict {
  const count = assumed.length;
  const next =
    count === 0
      ? sentence`Nothing is assumed.`
      : sentence`${String(count)} ${count === 1 ? 'value is' : 'values are'} assumed. You can go on, and measure ${count === 1 ? 'it' : 'them'} later.`;
  const ask = assumed.some(({ key }) => key === 'feed')
    ? ' Start with the daily food: it decides when the filter clogs.'
    : '';
  return {
    level: 'works',
    state: sentence`You have entered enough to plan this filter.`,
    next: sentence`${next}${ask}`,
  };
}
