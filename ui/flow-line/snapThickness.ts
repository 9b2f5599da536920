import { LAYER_BOUNDS } from '@/core/layers/layerBounds';

/** Hands cut and measure to the millimetre, m. */
export const CUT_STEP = 1e-3;

interface Snap {
  /** Depth that would be filled if the layer had no thickness at all, m. */
  readonly filledWithout: number;
  /** Depth up to the stop or the end, m. */
  readonly usableDepth: number;
  /** How near, m, the edge is drawn to the stop. */
  readonly reach: number;
}

/** A dragged thickness, m: on the millimetre, on the stop when it is near, never thinner than a layer can be. */
export function snapThickness(thickness: number, { filledWithout, usableDepth, reach }: Snap): number {
  const full = usableDepth - filledWithout;
  const snapped =
    full > 0 && Math.abs(thickness - full) <= reach ? full : Math.round(thickness / CUT_STEP) * CUT_STEP;
  // Rounded to a hundredth of a millimetre, so that sums of layers stay readable numbers.
  const clean = Math.round(snapped * 1e5) / 1e5;
  return Math.min(LAYER_BOUNDS.thickness.max, Math.max(LAYER_BOUNDS.thickness.min, clean));
}
