import type { Filter, Chamber } from './filter';

/** The sponge on the intake, in the tank; null when there is none. */
export const intakeSponge = (filter: Pick<Filter, 'chambers'>): Chamber | null =>
  filter.chambers.find((chamber) => chamber.where === 'intake') ?? null;
