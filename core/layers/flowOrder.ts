import type { Filter } from '../filter/filter';
import type { Layer } from './layer';

/** The layers as the water meets them: chamber by chamber, in each chamber as they stand in the list. */
export function flowOrder(filter: Filter, layers: readonly Layer[]): Layer[] {
  return filter.chambers.flatMap((chamber) => layers.filter((layer) => layer.chamber === chamber.id));
}
