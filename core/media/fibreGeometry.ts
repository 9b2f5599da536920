import type { BedGeometry } from './geometry';

/**
 * Floss, wadding and bonded pads: straight fibres in a loose bed.
 *
 * @param fibreDiameter m, about 20–40 µm
 * @param porosity 0.97–0.99
 * @source cylinders of the given diameter for the surface; pore from the mean distance of parallel fibres,
 *   ½ d √(π/(1−ε)), by geometry: one fibre in each square.
 */
export function fibreGeometry(fibreDiameter: number, porosity: number): BedGeometry {
  return {
    porosity,
    specificSurface: (4 * (1 - porosity)) / fibreDiameter,
    pore: 0.5 * fibreDiameter * Math.sqrt(Math.PI / (1 - porosity)),
    solidSize: fibreDiameter,
  };
}
