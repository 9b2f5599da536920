import type { Geometry } from '../media/geometry';
import { bedGeometry } from '../media/bedGeometry';
import type { Fluid } from './fluid';

/** Pressure lost per metre of bed at face velocity u: linear·u + square·u², Pa/m with u in m/s. */
export interface BedResistance {
  readonly linear: number;
  readonly square: number;
}

/** Densest a bed can be pressed, share of open room that is left: keeps the equations within their range. */
const MIN_POROSITY = 0.2;
/** The densest fibre that Davies’ equation was made for. */
const MAX_FIBRE_SOLIDS = 0.3;

/**
 * Resistance of a clean bed.
 *
 * @param solidsFactor solids in it over those of the medium as the catalogue has it: 1/c when compressed by c
 * @source foam: Dietrich et al. 2009 (Chem. Eng. Sci. 64, 3633), ΔP/L = 110 μu/(ε d_h²) + 1.45 ρu²/(ε² d_h),
 *   d_h = 4ε/S; grains, rings, ribbon: Ergun 1952 (Chem. Eng. Prog. 48, 89), d_p = 6(1−ε)/S;
 *   fibre: Davies 1953 (Proc. IMechE B1, 185), 64 μu α^1.5(1+56α³)/d_f², for 0.006 < α < 0.3.
 */
export function layerResistance(geometry: Geometry, solidsFactor: number, fluid: Fluid): BedResistance {
  const bed = bedGeometry(geometry);
  const solids = bedSolids(geometry, solidsFactor);
  const porosity = 1 - solids;
  const { density, viscosity } = fluid;
  // Pressed together, the same surface sits in less room.
  const surface = (bed.specificSurface * solids) / (1 - bed.porosity);
  switch (geometry.form) {
    case 'foam': {
      const hydraulic = (4 * porosity) / surface;
      return {
        linear: (110 * viscosity) / (porosity * hydraulic ** 2),
        square: (1.45 * density) / (porosity ** 2 * hydraulic),
      };
    }
    case 'fibre': {
      const alpha = fibreSolids(solids);
      return {
        linear: (64 * viscosity * alpha ** 1.5 * (1 + 56 * alpha ** 3)) / geometry.fibreDiameter ** 2,
        square: 0,
      };
    }
    case 'grains':
    case 'rings':
    case 'ribbon': {
      const particle = (6 * solids) / surface;
      return {
        linear: (150 * viscosity * solids ** 2) / (porosity ** 3 * particle ** 2),
        square: (1.75 * density * solids) / (porosity ** 3 * particle),
      };
    }
  }
}

/** Share of a bed that is solid as it stands, 0–0.8. */
export const bedSolids = (geometry: Geometry, solidsFactor: number): number =>
  Math.min((1 - bedGeometry(geometry).porosity) * solidsFactor, 1 - MIN_POROSITY);

/** Solids of a fibre bed as far as Davies’ equation was made for. */
export const fibreSolids = (solids: number): number => Math.min(solids, MAX_FIBRE_SOLIDS);
