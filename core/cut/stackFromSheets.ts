/** How far a stack of sheets may be from the layer’s thickness, as a share: foam gives that much (calibrated). */
const FOAM_GIVE_SHARE = 0.12;
/** Most plies that are stacked for one layer. */
const MAX_PLIES = 8;
/** Thickest foam that is sold as a sheet, m (common practice, no source); thicker layers are stacked. */
const THICKEST = 0.1;

/** How a layer is built up from sheets: so many on top of each other, each so thick (m). */
export interface SheetStack {
  readonly plies: number;
  readonly thickness: number;
}

/**
 * How a layer is stacked from sheets of the thicknesses there are: nearest first, then fewest. Where none fits, one sheet
 * of its own thickness is taken, or equal ones where that is thicker than any sheet.
 *
 * @param free thickness of the layer before anything presses on it, m
 * @example stackFromSheets(0.04, [0.02, 0.03]) // { plies: 2, thickness: 0.02 }
 */
export function stackFromSheets(free: number, thicknesses: readonly number[]): SheetStack {
  const found = thicknesses
    .map((thickness) => {
      const plies = Math.min(MAX_PLIES, Math.max(1, Math.round(free / thickness)));
      return { plies, thickness, off: Math.abs(plies * thickness - free) / free };
    })
    .filter(({ off }) => off <= FOAM_GIVE_SHARE)
    .sort((a, b) => a.off - b.off || a.plies - b.plies)[0];
  if (found !== undefined) return { plies: found.plies, thickness: found.thickness };
  const plies = Math.max(1, Math.ceil(free / THICKEST - 1e-9));
  return { plies, thickness: free / plies };
}
