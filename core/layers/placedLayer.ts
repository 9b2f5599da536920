import type { Chamber } from '../filter/filter';
import type { Medium } from '../media/medium';
import type { Layer } from './layer';
import type { LayerMeasure } from './measureLayer';
import type { LayerRole } from './layerRole';

/** A layer with all that rules ask about. */
export interface PlacedLayer {
  readonly layer: Layer;
  readonly medium: Medium;
  readonly chamber: Chamber;
  readonly role: LayerRole;
  readonly measure: LayerMeasure;
}
