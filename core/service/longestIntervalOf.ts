import type { ForecastInput } from '../dirt/cloggingInput';
import { intakeSponge } from '../filter/intakeSponge';
import { longestInterval } from '../practice/longestInterval';

/** The longest time between two looks into a filter on its tank, days; see {@link longestInterval}. */
export const longestIntervalOf = ({ filter, others }: Pick<ForecastInput, 'filter' | 'others'>): number =>
  longestInterval(filter.kind, intakeSponge(filter) !== null || others.length > 0);
