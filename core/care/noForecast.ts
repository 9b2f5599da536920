import { feedPerDay } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { sentence, type Sentence } from '../units/sentence';

/** Why there is no forecast of a filter: something is missing, or the answer is not there yet, or could not be had. */
export type NoForecast = 'no pack' | 'no food' | 'working' | 'failed';

/**
 * @param isPacked a finished repack says what is in the filter
 * @param hasFailed the answer could not be worked out
 */
export function whyNoForecast(
  isPacked: boolean,
  { feed }: Pick<Tank, 'feed'>,
  hasFailed: boolean,
): NoForecast {
  if (!isPacked) return 'no pack';
  if (feedPerDay(feed) === null) return 'no food';
  return hasFailed ? 'failed' : 'working';
}

/** What is said in place of a forecast: what is so, and what to do. */
export const NO_FORECAST_WORDS: Readonly<Record<NoForecast, readonly [state: Sentence, next: Sentence]>> = {
  'no pack': [
    sentence`Next service: not known yet.`,
    sentence`Finish a repack first: the forecast starts from what is in the filter.`,
  ],
  'no food': [
    sentence`Next service: not known yet.`,
    sentence`Enter the daily food under Measure to see when this filter clogs.`,
  ],
  working: [
    sentence`Next service: being worked out.`,
    sentence`The forecast is made from the pack, the food and the log.`,
  ],
  failed: [sentence`Next service: could not be worked out.`, sentence`Nothing is lost. Try again.`],
};
