import { GRAVITY } from './fluid';

/** Discharge coefficient of a sharp lip (published; Francis’ 1.84 b h^1.5 is 0.623). */
const WEIR_COEFFICIENT = 0.62;

const FACTOR = (2 / 3) * WEIR_COEFFICIENT * Math.sqrt(2 * GRAVITY);

/**
 * Flow over a weir, m³/s.
 *
 * @param width m
 * @param height of the water over the crest, m; nothing flows below it
 * @source Poleni, Q = ⅔ C_d b √(2g) h^1.5.
 * @example weirFlow(0.1, 0.01) * 3.6e6 // 659
 */
export const weirFlow = (width: number, height: number): number =>
  height <= 0 ? 0 : FACTOR * width * height ** 1.5;

/** Height over the crest at which a flow passes, m. */
export const weirHeight = (width: number, flow: number): number =>
  flow <= 0 ? 0 : (flow / (FACTOR * width)) ** (2 / 3);

/**
 * Flow over a crest that is drowned by the water behind it, m³/s.
 *
 * @param before,behind water over the crest on both sides, m
 * @source Villemonte 1947: × (1 − (h₂/h₁)^1.5)^0.385.
 */
export function drownedWeirFlow(width: number, before: number, behind: number): number {
  if (before <= 0 || behind >= before) return 0;
  const ratio = Math.max(0, behind) / before;
  return weirFlow(width, before) * (1 - ratio ** 1.5) ** 0.385;
}
