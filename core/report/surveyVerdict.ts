import { sentence } from '../units/sentence';
import type { Assumption } from './assumptions';
import type { Verdict } from './verdict';

/** Whether enough is known of a tank and its filter to plan, and how much of it is assumed. */
export function surveyVerdict(assumed: readonly Assumption[]): Verdict {
  const count = assumed.length;
  const next =
    count === 0
      ? sentence`Nothing is assumed.`
      : sentence`${String(count)} ${count === 1 ? 'thing is' : 'things are'} assumed: go on, and measure ${count === 1 ? 'it' : 'them'} when it suits.`;
  return assumed.some(({ key }) => key === 'feed')
    ? {
        level: 'check',
        state: sentence`Enter the daily food: without it nothing says when this filter clogs.`,
        next,
      }
    : { level: 'works', state: sentence`Enough is known to plan this filter.`, next };
}
