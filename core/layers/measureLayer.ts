import type { Chamber } from '../filter/filter';
import { volumeBetween, faceArea, faceSides, isInward } from '../filter/chamberGeometry';
import type { Layer } from './layer';
import { mediumOf } from './mediumOf';
import { solidsFactor } from './solidsFactor';
import type { Range } from '../maths/range';
import { usableSurface } from './usableSurface';

/** What can be read off one layer where it sits. SI. */
export interface LayerMeasure {
  /** Where it begins and ends along the chamber's flow, m. */
  readonly from: number;
  readonly to: number;
  /** Area the piece covers of the chamber's face there, m², and as a share of it, 0–1. */
  readonly coveredArea: number;
  readonly coverShare: number;
  /** Widest gap between the piece and a wall when it lies in the middle, m. */
  readonly wallGap: number;
  readonly volume: number;
  readonly dryMass: number;
  readonly drainedMass: number;
  /** Dry mass of what is sized by weight, kg. */
  readonly weighedMass: number;
  /** Surface on which a film can live, m²: the likely value, and its range. */
  readonly surface: number;
  readonly surfaceRange: Range;
}

/**
 * Measures a layer that begins `from` metres along its chamber.
 *
 * @source solid geometry; bulk densities of the catalogue; {@link solidsFactor} for what is placed, bagged or compressed.
 */
export function measureLayer(chamber: Chamber, layer: Layer, from: number): LayerMeasure {
  const medium = mediumOf(layer);
  const to = from + layer.thickness;
  const { coverShare, wallGap } = cover(chamber, layer);
  const volume = coverShare * volumeBetween(chamber.shape, from, to);
  const solids = solidsFactor(medium, layer);
  const surfaceRange = usableSurface(medium, volume, solids);
  return {
    from,
    to,
    coveredArea: coverShare * faceArea(chamber.shape, from),
    coverShare,
    wallGap,
    volume,
    dryMass: volume * medium.dryBulk * solids,
    drainedMass: volume * medium.drainedBulk * solids,
    weighedMass: volume * medium.weighedBulk * solids,
    surface: surfaceRange.likely,
    surfaceRange,
  };
}

function cover(chamber: Chamber, layer: Layer): { coverShare: number; wallGap: number } {
  if (layer.cut === null || isInward(chamber.shape)) return { coverShare: 1, wallGap: 0 };
  const face = faceSides(chamber.shape);
  // Foam cut oversize grips the walls; it covers no more than the face.
  const share = (cut: number, side: number): number => Math.min(1, cut / side);
  const gap = (cut: number, side: number): number => Math.max(0, (side - cut) / 2);
  return {
    coverShare: share(layer.cut.length, face.shown) * share(layer.cut.width, face.into),
    wallGap: Math.max(gap(layer.cut.length, face.shown), gap(layer.cut.width, face.into)),
  };
}
