import type { Filter } from '@/core/filter/filter';

/** What every part of the filter's survey gets: the filter, and a way to change some of it. */
export interface FilterPart {
  readonly filter: Filter;
  readonly onChange: (change: Partial<Filter>) => void;
}

/** The list of assumptions without one that was just measured. */
export const measured = (filter: Filter, key: Filter['assumed'][number]): Filter['assumed'] =>
  filter.assumed.filter((item) => item !== key);
