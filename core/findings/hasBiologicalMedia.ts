import { isBiologicalOnly } from '../layers/layerRole';
import type { PlacedLayer } from '../layers/placedLayer';

/** True where a layer of the pack is there for bacteria alone. */
export const hasBiologicalMedia = (inFlow: readonly PlacedLayer[]): boolean =>
  inFlow.some((placed) => isBiologicalOnly(placed.layer) && placed.role === 'biological');
