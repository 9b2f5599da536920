import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { unknownMedia } from '../layers/unknownMedia';

/**
 * What keeps a pack from belonging to a filter: media the catalogue does not have and chambers the filter does not
 * have. Empty when it fits together. One line a fault, with the layer's place counted from 1.
 */
export function packFaults(filter: Filter, layers: readonly Layer[]): string[] {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  return layers.flatMap((layer, index) => [
    ...mediumFaults(layer, index),
    ...(chambers.has(layer.chamber)
      ? []
      : [`Layer ${index + 1} sits in the chamber “${layer.chamber}”, which the filter does not have.`]),
  ]);
}

/** The same for the media alone: a record of an old pack may name chambers that the filter has lost since. */
export const recordFaults = (layers: readonly Layer[]): string[] => layers.flatMap(mediumFaults);

const mediumFaults = (layer: Layer, index: number): string[] =>
  unknownMedia(layer).map(
    (id) => `Layer ${index + 1} refers to the medium “${id}”, which the catalogue does not have.`,
  );
