import { sentence, type Sentence } from '../units/sentence';

/** Why there is no forecast of a filter: something is missing, or the answer is not there yet, or could not be had. */
export type NoForecast = 'no pack' | 'working' | 'failed';

/**
 * @param isPacked a finished repack says what is in the filter
 * @param hasFailed the answer could not be worked out
 */
export function whyNoForecast(isPacked: boolean, hasFailed: boolean): NoForecast {
  if (!isPacked) return 'no pack';
  return hasFailed ? 'failed' : 'working';
}

/** The text in place of a forecast: the state, and what to do. */
export const NO_FORECAST_WORDS: Readonly<Record<NoForecast, readonly [state: Sentence, next: Sentence]>> = {
  'no pack': [
    sentence`There is no forecast yet.`,
    sentence`Finish a repack to see when this filter next needs service.`,
  ],
  working: [
    sentence`Working out the next service.`,
    sentence`The forecast uses the pack, the food and the log.`,
  ],
  failed: [sentence`The next service could not be worked out.`, sentence`Nothing is lost. Try again.`],
};
