import { bedGeometry } from '../media/bedGeometry';
import type { Geometry } from '../media/geometry';
import { SIZE_CLASSES } from './sizeClasses';

/** Straining begins where a particle is this share of the pore, grows by this much per pore, and begins over this width. */
const STRAIN_FROM = 0.35;
const STRAIN_RATE = 0.2;
const STRAIN_SOFTNESS = 0.02;

/** What a medium does to each size of dirt: all that does not change while the water runs. */
export interface Collector {
  /** Collecting surface per touch and metre: λ = perMetre · η, 1/m; attachment is multiplied in. */
  readonly perMetre: number;
  /** For each size: touches by interception, their limit, and what is held in too small a pore, 1/m. */
  readonly interception: readonly number[];
  readonly limit: readonly number[];
  readonly strained: readonly number[];
}

/**
 * A medium as a collector of dirt.
 *
 * @param solids share of the bed that is solid as it stands, 0–1
 * @param attachment share of touches that stick, 0–1
 * @source fibres and struts: Lee & Liu 1982 with Kuwabara’s number; grains: Yao, Habibian & O’Melia 1971; limits of
 *   what can touch at all: 1 + R and (1 + R)². Straining calibrated. All from memory.
 */
export function collectorOf(geometry: Geometry, solids: number, attachment: number): Collector {
  const bed = bedGeometry(geometry);
  const long = geometry.form === 'foam' || geometry.form === 'fibre';
  const size = long ? bed.solidSize : (6 * (1 - bed.porosity)) / bed.specificSurface;
  // Kuwabara’s number falls to nothing for beds denser than any of fibres.
  const alpha = long ? Math.min(solids, 0.5) : solids;
  const kuwabara = -0.5 * Math.log(alpha) - 0.75 + alpha - alpha ** 2 / 4;
  const ratios = SIZE_CLASSES.map(({ diameter }) => diameter / size);
  return {
    perMetre: long
      ? (4 * alpha * attachment) / (Math.PI * (1 - alpha) * size)
      : (1.5 * alpha * attachment) / size,
    interception: ratios.map((ratio) =>
      long ? (((1 - alpha) / kuwabara) * ratio ** 2) / (1 + ratio) : 1.5 * ratio ** 2,
    ),
    limit: ratios.map((ratio) => (long ? 1 + ratio : (1 + ratio) ** 2)),
    strained: SIZE_CLASSES.map(
      ({ diameter }) => (STRAIN_RATE * softly(diameter / bed.pore - STRAIN_FROM)) / bed.pore,
    ),
  };
}

/** A ramp without a corner: x where x is large, 0 where it is far below 0. */
const softly = (x: number): number => {
  const scaled = x / STRAIN_SOFTNESS;
  return scaled > 30 ? x : STRAIN_SOFTNESS * Math.log1p(Math.exp(scaled));
};

/**
 * Filter coefficient of a clean bed for one size, 1/m: dC/dx = −λC.
 *
 * @param sinking speed of the size in still water, m/s
 * @param speed of the water before the bed, m/s, more than 0
 * @source Iwasaki 1937; touches saturate at their limit as η_max(1 − e^(−η/η_max)).
 */
export function coefficientAt(collector: Collector, size: number, sinking: number, speed: number): number {
  const limit = collector.limit[size]!;
  const touches = collector.interception[size]! + sinking / speed;
  return collector.perMetre * limit * -Math.expm1(-touches / limit) + collector.strained[size]!;
}
