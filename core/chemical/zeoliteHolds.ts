import { langmuirUptake, type ZeoliteBed } from '../biology/zeoliteBed';
import type { Range } from '../maths/range';

/** Nitrogen that clinoptilolite holds at most in use, kg/kg (from memory: 10 to 40 mg/g by product and pretreatment). */
const MAX_HELD: Range = { low: 5e-3, likely: 10e-3, high: 20e-3 };
/**
 * Exchange capacity, kg N/kg: what can never be passed (published: about 2 meq/g, and 14 g N an equivalent).
 */
export const EXCHANGE_CAPACITY = 28e-3;
/** Affinity, m³/kg N, at 10 degrees of general hardness (calibrated): 0.1 L/mg. */
const AFFINITY = 100;
const AFFINITY_AT_HARDNESS = 10;
/** Softest water that counts, degrees: in softer water little else competes (calibrated). */
const MIN_HARDNESS = 2;

/** Affinity in water of a hardness: what makes water hard takes the same places. */
const affinityAt = (hardness: number | null): number =>
  (AFFINITY * AFFINITY_AT_HARDNESS) / Math.max(MIN_HARDNESS, hardness ?? AFFINITY_AT_HARDNESS);

/**
 * Nitrogen that zeolite holds at rest with water of a concentration, kg, as a range.
 *
 * @param mass dry, kg
 * @param nitrogen ammonia nitrogen in the water, kg N/m³
 * @param hardness general, degrees; null: not known, 10 is assumed
 * @source Langmuir 1918 (J. Am. Chem. Soc. 40, 1361), q = q_max·K·C/(1 + K·C).
 * @example zeoliteHolds(0.1, 1e-3, 10).likely // 0.00009090909090909092
 */
export function zeoliteHolds(mass: number, nitrogen: number, hardness: number | null): Range {
  const affinity = affinityAt(hardness);
  const at = (most: number): number =>
    langmuirUptake({ capacity: mass * Math.min(EXCHANGE_CAPACITY, most), affinity }, nitrogen);
  return { low: at(MAX_HELD.low), likely: at(MAX_HELD.likely), high: at(MAX_HELD.high) };
}

/**
 * The likely bed of zeolite in a tank.
 *
 * @param mass dry, kg
 * @param hardness general, degrees; null: not known, 10 is assumed
 */
export const zeoliteBed = (mass: number, hardness: number | null): ZeoliteBed => ({
  capacity: mass * MAX_HELD.likely,
  affinity: affinityAt(hardness),
});

/**
 * Days in which zeolite alone fills up to rest with the limit that a keeper puts up with; null where nothing comes.
 *
 * @param load kg N a day that reaches it
 */
export function zeoliteLife(
  mass: number,
  nitrogen: number,
  hardness: number | null,
  load: number,
): Range | null {
  if (load <= 0 || mass <= 0) return null;
  const { low, likely, high } = zeoliteHolds(mass, nitrogen, hardness);
  return { low: low / load, likely: likely / load, high: high / load };
}
