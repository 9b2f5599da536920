/* Coefficients of the approximation of the error function. */
const P = 0.3275911;
const A = [0.254829592, -0.284496736, 1.421413741, -1.453152027, 1.061405429] as const;

/**
 * Share of a standard normal variable that lies below a value, 0–1; exact to 1e-7.
 *
 * @source Abramowitz & Stegun, Handbook of Mathematical Functions, 1964, 7.1.26 (p. 299).
 * @example normalShare(1.96) // 0.975
 */
export function normalShare(value: number): number {
  const x = Math.abs(value) / Math.SQRT2;
  const t = 1 / (1 + P * x);
  const tail = A.reduceRight((sum, factor) => (sum + factor) * t, 0) * Math.exp(-x * x);
  return value < 0 ? tail / 2 : 1 - tail / 2;
}
