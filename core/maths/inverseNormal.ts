/* Coefficients of the rational approximation, in the middle and in the tails. */
const A = [
  -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2, -3.066479806614716e1,
  2.506628277459239,
];
const B = [
  -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1, -1.328068155288572e1,
  1,
];
const C = [
  -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const D = [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416, 1];
const TAIL_BELOW = 0.02425;

const polynomial = (coefficients: readonly number[], x: number): number =>
  coefficients.reduce((sum, coefficient) => sum * x + coefficient, 0);

/**
 * The number below which a standard normal variable lies with a probability; exact to 1.2e-9 relative.
 *
 * @param probability more than 0 and less than 1
 * @source rational approximation of P. J. Acklam, published on the web in 2003; from memory.
 * @example inverseNormal(0.975) // 1.96
 */
export function inverseNormal(probability: number): number {
  if (probability > 0.5) return -inverseNormal(1 - probability);
  if (probability < TAIL_BELOW) {
    const q = Math.sqrt(-2 * Math.log(probability));
    return polynomial(C, q) / polynomial(D, q);
  }
  const q = probability - 0.5;
  return (polynomial(A, q * q) * q) / polynomial(B, q * q);
}
