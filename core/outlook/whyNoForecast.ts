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

/** The text in place of a forecast: the state, and what to do. */
export const NO_FORECAST_WORDS: Readonly<Record<NoForecast, readonly [state: Sentence, next: Sentence]>> = {
  'no pack': [
    sentence`There is no forecast yet.`,
    sentence`Finish a repack to see when this filter next needs service.`,
  ],
  'no food': [
    sentence`There is no forecast yet.`,
    sentence`Enter the daily food under Measure to see when this filter clogs.`,
  ],
  working: [
    sentence`Working out the next service.`,
    sentence`The forecast uses the pack, the food and the log.`,
  ],
  failed: [sentence`The next service could not be worked out.`, sentence`Nothing is lost. Try again.`],
};
