import type { BedGeometry } from './geometry';

/**
 * Scrubber ribbon, thin moulded walls and printed ribs: both faces of a sheet, edges left out.
 *
 * @param thickness of the sheet, m
 * @param porosity 0–1
 * @source two faces per sheet thickness; the pore is the mean distance between sheets, 2ε/S.
 */
export function ribbonGeometry(thickness: number, porosity: number): BedGeometry {
  const specificSurface = (2 * (1 - porosity)) / thickness;
  return { porosity, specificSurface, pore: (2 * porosity) / specificSurface, solidSize: thickness };
}
