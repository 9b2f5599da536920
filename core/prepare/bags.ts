import type { Filter } from '../filter/filter';
import { isHangOnBack } from '../filter/kindFamily';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { pouredVolume } from '../layers/pouredVolume';

/** A bag is left a fifth empty, so that it spreads into the corners (common practice, no source). */
export const BAG_FILL = 0.8;
/** What one bag holds at most, and a small one, m³ of media poured (common practice, no source). */
const LARGE_BAG = 2.5e-3;
const SMALL_BAG = 0.5e-3;

/** How a layer of loose media is filled in: volumes m³, masses kg. */
export interface Fill {
  readonly layerId: string;
  readonly layerNumber: number;
  readonly medium: PlacedLayer['medium'];
  /** Volume that is taken from the sack, poured. */
  readonly poured: number;
  readonly dryMass: number;
  /** Lifted out and left to drip. */
  readonly drainedMass: number;
  readonly placed: boolean;
  /** How many bags, the media poured into each, and the bag that leaves it room to spread; null: no bag. */
  readonly bags: { readonly count: number; readonly fill: number; readonly size: number } | null;
  /** It stands in an open basket without a bag: it pours out when the basket is lifted. */
  readonly poursOut: boolean;
}

/** How a medium that is poured or placed goes in, by layer in flow order. */
export function fills(filter: Filter, layers: readonly Layer[]): Fill[] {
  return placeLayers(filter, layers).flatMap((placed, index) => {
    const { layer, medium, measure } = placed;
    if (medium.supply !== 'loose') return [];
    const poured = pouredVolume(placed.chamber, layer, measure.from);
    const bagged = layer.holder === 'bag' || layer.holder === 'small bags';
    const count = Math.max(
      layer.holder === 'small bags' ? 2 : 1,
      Math.ceil(poured / (layer.holder === 'small bags' ? SMALL_BAG : LARGE_BAG) - 1e-9),
    );
    return [
      {
        layerId: layer.id,
        layerNumber: index + 1,
        medium,
        poured,
        dryMass: measure.dryMass,
        drainedMass: measure.drainedMass,
        placed: layer.placed,
        bags: bagged ? { count, fill: poured / count, size: poured / count / BAG_FILL } : null,
        poursOut: !bagged && isHangOnBack(filter.kind) && medium.family !== 'floss',
      },
    ];
  });
}
