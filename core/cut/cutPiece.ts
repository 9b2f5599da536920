import type { Medium } from '../media/medium';
import type { Size } from './fillSheet';
import type { Outline } from './outline';

/** One piece to be cut from a sheet. Lengths m. */
export interface CutPiece {
  /** Its own, within a cut plan. */
  readonly id: string;
  readonly layerId: string;
  readonly filterName: string;
  readonly medium: Medium;
  /** Where it goes, as on the drawing: the number of its layer in flow order. */
  readonly layerNumber: number;
  /** What it is among the pieces of its layer: “ply 1 of 2”, “side wall”; empty when it is the only one. */
  readonly part: string;
  readonly outline: Outline;
  /** How much larger than its place it is cut, so that it grips the walls. */
  readonly grip: Size;
  /** As it lies free, before anything presses on it. */
  readonly thickness: number;
  /** How much narrower its lower face is than its upper, in length and in width; 0: cut it upright. */
  readonly bevel: number;
}
