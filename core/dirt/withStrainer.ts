import type { Filter } from '../filter/filter';

/** The filter with its strainers open by a further share. */
export const withStrainer = (filter: Filter, open: number): Filter => ({
  ...filter,
  intakes: filter.intakes.map((intake) => ({ ...intake, open: intake.open * open })),
});
