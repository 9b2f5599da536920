import type { BedGeometry } from './geometry';

/**
 * Short tubes tossed into a bed: surface of tube inside, outside and both ends per volume of its wall.
 *
 * @param outerDiameter m
 * @param bore m, less than the outer diameter
 * @param length m
 * @param porosity of the bed, bores included, 0–1
 * @source solid geometry of a tube; the pore is the bore.
 */
export function ringGeometry(
  outerDiameter: number,
  bore: number,
  length: number,
  porosity: number,
): BedGeometry {
  const end = (Math.PI / 4) * (outerDiameter ** 2 - bore ** 2);
  const surface = Math.PI * (outerDiameter + bore) * length + 2 * end;
  return {
    porosity,
    specificSurface: ((1 - porosity) * surface) / (end * length),
    pore: bore,
    solidSize: (outerDiameter - bore) / 2,
  };
}
