import type { Chamber } from '../filter/filter';
import { isInward } from '../filter/chamberGeometry';
import { volumeOfPieces } from '../media/piecesInVolume';
import type { Layer } from './layer';
import { LAYER_BOUNDS } from './layerBounds';
import { mediumOf } from './mediumOf';
import { pouredVolume } from './pouredVolume';

/**
 * How thick a layer is that is made of a number of pieces, lying as it lies now, m.
 *
 * @param pieces more than 0
 * @returns null for a medium that nobody counts, where the water goes inward from all sides (a layer around the trays is
 *   not filled by counting), and for less than the thinnest layer
 */
export function thicknessOfPieces(chamber: Chamber, layer: Layer, pieces: number): number | null {
  const volume = volumeOfPieces(mediumOf(layer), pieces);
  if (volume === null || isInward(chamber.shape)) return null;
  // A straight chamber: what is in it grows with its thickness.
  const perMetre = pouredVolume(chamber, layer, 0) / layer.thickness;
  const thickness = volume / perMetre;
  return thickness < LAYER_BOUNDS.thickness.min ? null : Math.min(thickness, LAYER_BOUNDS.thickness.max);
}
