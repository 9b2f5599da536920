import type { BedGeometry } from './geometry';

/** Pore between packed grains per grain diameter; dimensionless, published for random packings (from memory). */
const PORE_PER_GRAIN = 0.31;

/**
 * Stone, beads and granules in a random bed. Micropores are not counted: a film cannot live in them.
 *
 * @param grainSize m, the Ergun diameter 6(1−ε)/S
 * @param porosity 0–1, about 0.4–0.5
 * @source definition of the Ergun diameter; pore of random packings from memory.
 * @example grainGeometry(0.008, 0.45) // { specificSurface: 412.5, pore: 0.00248 }
 */
export function grainGeometry(grainSize: number, porosity: number): BedGeometry {
  return {
    porosity,
    specificSurface: (6 * (1 - porosity)) / grainSize,
    pore: PORE_PER_GRAIN * grainSize,
    solidSize: grainSize,
  };
}
