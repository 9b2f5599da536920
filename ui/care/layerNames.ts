import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';

/** What the layers that a log speaks of are made of; null for one that is no longer in the filter. */
export const layerNames =
  (layers: readonly Layer[]) =>
  (layerId: string): string | null => {
    const layer = layers.find(({ id }) => id === layerId);
    return layer === undefined ? null : mediumOf(layer).name;
  };
