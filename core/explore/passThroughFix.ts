import { faceSides } from '../filter/chamberGeometry';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import type { Layer } from '../layers/layer';
import { LAYER_BOUNDS } from '../layers/layerBounds';
import { applyEdit, type PackEdit } from '../pack/packEdit';

/** The smallest change that brings enough water through a layer. */
export interface PassThroughFix {
  readonly how: 'fill the gap' | 'cut larger' | 'cut to the walls';
  readonly edit: PackEdit;
  /** Share that goes through it then, 0–1. */
  readonly share: number;
  /** Gap that is left at the wall, m. */
  readonly gap: number;
}

/** Gap to which a cut is worth finding, m: nobody cuts foam finer. */
const CUT_STEP = 5e-4;

/**
 * The smallest change with which at least `wanted` of the flow goes through a short layer: its gap filled with floss
 * where that is enough, else the largest gap that is small enough. Null for layers that reach the walls, and where
 * enough goes through already.
 *
 * @param wanted 0–1
 */
export function passThroughFix(input: PackInput, layerId: string, wanted: number): PassThroughFix | null {
  const layer = input.layers.find((item) => item.id === layerId);
  const chamber = input.filter.chambers.find((candidate) => candidate.id === layer?.chamber);
  if (layer === undefined || layer.cut === null || chamber === undefined) return null;
  const shareWith = (change: Partial<Layer>): number => {
    const layers = applyEdit(input.layers, { type: 'set', layerId, change });
    return (
      evaluatePack({ ...input, layers }).layers.find((layerReport) => layerReport.layerId === layerId)
        ?.passThrough ?? 0
    );
  };
  if (shareWith({}) >= wanted) return null;
  const face = faceSides(chamber.shape);
  const gapNow = Math.max(face.shown - layer.cut.length, face.into - layer.cut.width) / 2;
  const fix = (how: PassThroughFix['how'], change: Partial<Layer>, gap: number): PassThroughFix => ({
    how,
    edit: { type: 'set', layerId, change },
    share: shareWith(change),
    gap,
  });
  if (layer.gapFill === 'open') {
    const filled = fix('fill the gap', { gapFill: 'floss' }, gapNow);
    if (filled.share >= wanted) return filled;
  }
  const cutFor = (gap: number): NonNullable<Layer['cut']> => ({
    length: Math.max(LAYER_BOUNDS.cutLength.min, face.shown - 2 * gap),
    width: Math.max(LAYER_BOUNDS.cutWidth.min, face.into - 2 * gap),
  });
  // The share falls as the gap opens: the last step that is still enough is wanted.
  let [enough, short] = [0, Math.ceil(gapNow / CUT_STEP)];
  while (short - enough > 1) {
    const middle = Math.floor((enough + short) / 2);
    if (shareWith({ cut: cutFor(middle * CUT_STEP) }) >= wanted) enough = middle;
    else short = middle;
  }
  return enough === 0
    ? fix('cut to the walls', { cut: null }, 0)
    : fix('cut larger', { cut: cutFor(enough * CUT_STEP) }, enough * CUT_STEP);
}
