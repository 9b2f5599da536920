import type { Fluid } from '../hydraulics/fluid';
import { bedSolids, fibreSolids, layerResistance } from '../hydraulics/layerResistance';
import type { Geometry } from '../media/geometry';
import { loosenessIn } from './looseness';
import { SIZE_CLASSES } from './sizeClasses';

/** Thinnest thread that caught dirt makes between fibres, m (calibrated). */
const MIN_THREAD = 60e-6;
/** A particle as a thread of the same surface per volume: a sphere has 6/d, a fibre 4/d. */
const THREAD_OF_PARTICLE = 2 / 3;
/** Pressure at which a cake of caught dirt holds back twice as much as unpressed, Pa (calibrated). */
const PACKING_PRESSURE = 100;

/**
 * How many times as much as unpressed a cake of caught dirt holds back.
 *
 * @param pressed greatest pressure on it so far, Pa
 * @source a compressible cake with n = 1 after Tiller & Leu 1980 (J. Chin. Inst. Chem. Eng. 11, 61), p_a calibrated.
 */
export const packedBy = (pressed: number): number => 1 + pressed / PACKING_PRESSURE;

/** For each size of dirt the thread it counts as, 1/m: small dirt makes thin threads, which hold back more. */
export const PER_THREAD: readonly number[] = SIZE_CLASSES.map(
  ({ diameter }) => 1 / Math.max(MIN_THREAD, THREAD_OF_PARTICLE * diameter),
);

/**
 * What a metre of bed takes with its deposit, unpressed: (clean + added)·u + square·u² at face velocity u, Pa/m per m/s and
 * Pa/m per (m/s)². Pressing multiplies what dirt adds to the linear part, see {@link packedBy}.
 */
export interface Fouling {
  linear: number;
  added: number;
  square: number;
}

/** Resistance of a bed with its deposit. */
export interface FouledResistance {
  /** True where the pressure that packed the dirt counts, and where its sizes do. */
  readonly packs: boolean;
  readonly bySize: boolean;
  /**
   * Written into `into`: asked for at every slice and step.
   *
   * @param deposit σ, share of the bed, less than the open room
   * @param threads,fine Σσ_i/d_i in 1/m and Σσ_i/d_i² in 1/m² over the sizes; only where they count
   */
  readonly resist: (deposit: number, threads: number, fine: number, into: Fouling) => void;
}

/**
 * Resistance of a bed by its deposit. Clean it is {@link layerResistance}.
 *
 * @param solidsFactor solids in it over those of the medium as the catalogue has it
 * @source fibre: Bergman et al. 1978, each size of dirt as a fibre of its own. Foam: loose sludge fills the pores and leaves
 *   the surface that the water meets as it was: Kozeny–Carman at constant surface, (ε₀/ε)³ (Clement, Hooker & Skeen 1996
 *   have the exponent 19/6 for slime in porous media). In both, what dirt adds is pressed. Grains: solids s = (1−ε₀) + σ in Ergun's equation with d_p by (s/s₀)^⅓. From
 *   memory.
 */
export function fouledResistance(geometry: Geometry, solidsFactor: number, fluid: Fluid): FouledResistance {
  const solids = bedSolids(geometry, solidsFactor);
  const porosity = 1 - solids;
  const clean = layerResistance(geometry, solidsFactor, fluid);
  if (geometry.form === 'fibre') {
    const { fibreDiameter } = geometry;
    const alpha = fibreSolids(solids);
    const thread = alpha / fibreDiameter;
    return {
      packs: true,
      bySize: true,
      resist: (deposit, threads, fine, into) => {
        const s = alpha + deposit;
        into.linear = clean.linear;
        into.square = 0;
        into.added =
          deposit === 0
            ? 0
            : 64 *
                fluid.viscosity *
                Math.sqrt(thread / fibreDiameter + fine) *
                (thread + threads) *
                (1 + 56 * s * s * s) -
              clean.linear;
      },
    };
  }
  if (geometry.form === 'foam') {
    const looseness = loosenessIn(geometry);
    return {
      packs: true,
      bySize: false,
      resist: (deposit, _threads, _fine, into) => {
        const open = 1 - (looseness * deposit) / porosity;
        const closed = 1 / (open * open * open);
        into.linear = clean.linear;
        into.added = clean.linear * (closed - 1);
        into.square = clean.square * closed;
      },
    };
  }
  return {
    packs: false,
    bySize: false,
    // 150 μ s²/(ε³ d²) and 1.75 ρ s/(ε³ d), with d by (s/s₀)^⅓.
    resist: (deposit, _threads, _fine, into) => {
      const grown = (solids + deposit) / solids;
      const open = (porosity - deposit) / porosity;
      const cubed = open * open * open;
      const part = Math.cbrt(grown);
      into.linear = clean.linear;
      into.added = clean.linear * ((grown * part) / cubed - 1);
      into.square = (clean.square * part * part) / cubed;
    },
  };
}
