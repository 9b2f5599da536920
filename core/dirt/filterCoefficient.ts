import { bedGeometry } from '../media/bedGeometry';
import type { Geometry } from '../media/geometry';
import { captureFraction } from './captureFraction';
import { loosenessIn } from './looseness';

/**
 * Straining begins where a particle is this share of the pore, grows by this much per pore, and begins over this
 * width (calibrated).
 */
const STRAIN_FROM = 0.35;
const STRAIN_RATE = 0.1;
const STRAIN_SOFTNESS = 0.02;

/** Densest a bed of fibres or struts counts for its capture: beyond it the cell model has no meaning (calibrated). */
const MAX_SOLIDS = 0.6;
/** Kuwabara’s number falls to nothing for beds denser than any of fibres: it is held here (calibrated). */
const MIN_KUWABARA = 0.05;
/** Least open room that anything is divided by, share of the bed (calibrated: keeps full slices numbers). */
const MIN_OPEN = 0.02;
/** Slowest water that counts, m/s (calibrated): in still water everything would sink onto the first fibre. */
export const MIN_SPEED = 1e-4;

/** What catches dirt: a clean bed as it stands. */
export interface Collector {
  /** Fibres and struts, past which the water flows across; else grains. */
  readonly long: boolean;
  /** Share of the bed that is solid, 0–1; fibre, strut or grain, m; pore, m. */
  readonly solids: number;
  readonly solidSize: number;
  readonly pore: number;
  /** Share of touches that stick, 0–1. */
  readonly attachment: number;
  /** How many times the room of packed sludge its sludge takes. */
  readonly looseness: number;
}

/**
 * A medium as a collector of dirt.
 *
 * @param solids share of the bed that is solid as it stands, 0–1
 * @param attachment share of touches that stick, 0–1
 */
export function collectorOf(geometry: Geometry, solids: number, attachment: number): Collector {
  const bed = bedGeometry(geometry);
  const long = geometry.form === 'foam' || geometry.form === 'fibre';
  return {
    long,
    solids,
    solidSize: long ? bed.solidSize : (6 * (1 - bed.porosity)) / bed.specificSurface,
    pore: bed.pore,
    attachment,
    looseness: loosenessIn(geometry),
  };
}

/**
 * What a bed does to one size of dirt whatever the water’s speed: λ = most·(1 − e^(−(touched + v_s/u·perLimit))) +
 * strained.
 */
export interface SizeCoefficient {
  /** Coefficient if everything that could touch did, 1/m. */
  readonly most: number;
  /** Touches by interception as a share of their limit, and one over that limit. */
  readonly touched: number;
  readonly perLimit: number;
  /** What is held in too small a pore, 1/m. */
  readonly strained: number;
}

/**
 * Filter coefficient λ of a bed for one size, dC/dx = −λC, without the part that depends on the speed of the water. It
 * follows the deposit: what was caught catches too, on thicker fibres in narrower pores.
 *
 * @param deposit share of the bed, σ, 0 or more
 * @param diameter of the dirt, m
 * @source Iwasaki 1937 (J. AWWA 29, 1591). Fibres and struts: λ = 4αηa/(π(1−α)d) with interception (1−α)/Ku·R²/(1+R)
 *   in its theoretical form (the one that Lee & Liu 1982, Aerosol Sci. Technol. 1, 147, fitted carries a factor of
 *   0.6, which the calibrated attachment takes up here) and Kuwabara’s number (1959, J. Phys. Soc. Jpn. 14, 527);
 *   grains: 1.5·s·η·a/d with 1.5R², Yao, Habibian & O’Melia 1971 (Environ. Sci. Technol. 5, 1105). Touches saturate
 *   at 1 + R and (1 + R)² as η_max(1 − e^(−η/η_max)). Collector by √(s/s₀), pore by √(ε/ε₀); straining calibrated.
 */
export function sizeCoefficient(
  { long, solids, solidSize, pore, attachment, looseness }: Collector,
  deposit: number,
  diameter: number,
): SizeCoefficient {
  const s = solids + looseness * deposit;
  const alpha = long ? Math.min(s, MAX_SOLIDS) : s;
  const size = long ? solidSize * Math.sqrt(s / solids) : solidSize;
  const narrowed = pore * Math.sqrt(Math.max(MIN_OPEN, 1 - s) / (1 - solids));
  const perMetre = long
    ? (4 * alpha * attachment) / (Math.PI * (1 - alpha) * size)
    : (1.5 * alpha * attachment) / size;
  const kuwabara = Math.max(MIN_KUWABARA, -0.5 * Math.log(alpha) - 0.75 + alpha - alpha ** 2 / 4);
  const ratio = diameter / size;
  const limit = long ? 1 + ratio : (1 + ratio) ** 2;
  const intercepted = long ? (((1 - alpha) / kuwabara) * ratio ** 2) / (1 + ratio) : 1.5 * ratio ** 2;
  return {
    most: perMetre * limit,
    touched: intercepted / limit,
    perLimit: 1 / limit,
    strained:
      (STRAIN_RATE * STRAIN_SOFTNESS * softly((diameter / narrowed - STRAIN_FROM) / STRAIN_SOFTNESS)) /
      narrowed,
  };
}

/**
 * λ at a speed of the water, 1/m.
 *
 * @param sinking speed of the size in still water, m/s
 * @param speed of the water before the bed, m/s
 */
export const coefficientAt = (
  { most, touched, perLimit, strained }: SizeCoefficient,
  sinking: number,
  speed: number,
): number => most * captureFraction(touched + (perLimit * sinking) / Math.max(MIN_SPEED, speed)) + strained;

/** A ramp without a corner: x where x is large, 0 where it is far below 0. */
const softly = (x: number): number => (x > 30 ? x : x < -30 ? 0 : Math.log1p(Math.exp(x)));
