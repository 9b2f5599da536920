import { volumeBetween } from '../filter/chamberGeometry';
import type { Chamber } from '../filter/filter';
import { usableDepth } from '../filter/usableDepth';
import type { LayerMeasure } from './measureLayer';
import { sumOf } from '../maths/sum';

/** How full a chamber is. SI. */
export interface ChamberMeasure {
  readonly chamberId: string;
  /** Depth that media may fill: to the stop, or to the end. */
  readonly usableDepth: number;
  readonly filledDepth: number;
  readonly freeDepth: number;
  /** How far the stack stands above the stop or the end, m; 0 when it does not. */
  readonly overfill: number;
  /** Volume that media may fill, m³, and what of it holds none: above the stack, and beside short pieces. */
  readonly volume: number;
  readonly freeVolume: number;
}

/** Measures a chamber from the layers in it, given in flow order. */
export function measureChamber(chamber: Chamber, layers: readonly LayerMeasure[]): ChamberMeasure {
  const usable = usableDepth(chamber);
  const filledDepth = layers.at(-1)?.to ?? 0;
  const volume = volumeBetween(chamber.shape, 0, usable);
  const filledVolume = sumOf(
    layers,
    (layer) =>
      layer.coverShare *
      volumeBetween(chamber.shape, Math.min(layer.from, usable), Math.min(layer.to, usable)),
  );
  return {
    chamberId: chamber.id,
    usableDepth: usable,
    filledDepth,
    freeDepth: Math.max(0, usable - filledDepth),
    // Below a tenth of a millimetre it is rounding, not foam.
    overfill: filledDepth - usable > 1e-4 ? filledDepth - usable : 0,
    volume,
    freeVolume: Math.max(0, volume - filledVolume),
  };
}
