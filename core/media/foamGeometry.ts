import { INCH } from '../units/siFactors';
import type { BedGeometry } from './geometry';

/**
 * Open-cell (reticulated) foam from its grade.
 *
 * @param poresPerInch 5–100
 * @param porosity 0–1, about 0.97 uncompressed
 * @source cubic cell of Lacroix et al. 2007 (Chem. Eng. Sci. 62, 3259).
 * @example foamGeometry(30, 0.97) // { specificSurface: 1114, pore: 0.000847 }
 */
export function foamGeometry(poresPerInch: number, porosity: number): BedGeometry {
  const pore = INCH / poresPerInch;
  const ratio = Math.sqrt((4 * (1 - porosity)) / (3 * Math.PI));
  const strut = (pore * ratio) / (1 - ratio);
  return { porosity, specificSurface: (4 * (1 - porosity)) / strut, pore, solidSize: strut };
}
