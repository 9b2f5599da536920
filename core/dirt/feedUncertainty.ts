import type { Range } from '../maths/range';

/** How far the food may be off, as a factor either way: half of what its range spans. */
export const feedUncertainty = ({ low, likely, high }: Range): number =>
  likely > 0 ? Math.max(1, Math.sqrt(high / Math.max(low, 1e-12))) : 1;
