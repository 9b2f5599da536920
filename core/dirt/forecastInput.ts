import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import type { Visit } from '../pack/visit';
import type { ForecastInput } from './cloggingInput';

/**
 * What the forecast of a pack begins from: where its filter is, and what its log has taught.
 *
 * @example forecastInput({ tank: reedBench.tank, others: [] }, reedBench.filter, reedBench.layers) // { visits: [] }
 */
export const forecastInput = (
  {
    tank,
    others,
    learned = null,
    added = [],
    now = null,
  }: Pick<ForecastInput, 'tank' | 'others' | 'learned' | 'added' | 'now'>,
  filter: Filter,
  layers: readonly Layer[],
  visits: readonly Visit[] = [],
): ForecastInput => ({ tank, filter, layers, others, visits, learned, added, now });
