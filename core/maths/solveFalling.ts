/** Most steps of a solver: halving alone shrinks a bracket below rounding long before. */
const MAX_STEPS = 80;

/**
 * The root of a continuous function that is not negative at `low` and not positive at `high`: by inverse quadratic
 * interpolation where the last three points promise that it lands, else by halving. Always ends, always inside the bracket.
 *
 * @param tolerance width of the bracket that is good enough, in the unit of x
 * @source Chandrupatla 1997 (Adv. Eng. Softw. 28, 145).
 */
export function solveFalling(
  valueAt: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): number {
  // The newest point, the one across the root from it, and the one before.
  let [a, b] = [low, high];
  let fa = valueAt(a);
  if (fa <= 0) return a;
  let fb = valueAt(b);
  if (fb >= 0) return b;
  let [c, fc] = [a, fa];
  let part = 0.5;
  for (let step = 0; step < MAX_STEPS; step += 1) {
    const x = a + part * (b - a);
    const fx = valueAt(x);
    if (fx === 0) return x;
    if (fx > 0 === fa > 0) [c, fc] = [a, fa];
    else [c, fc, b, fb] = [b, fb, a, fa];
    [a, fa] = [x, fx];
    const width = Math.abs(b - a);
    if (width <= tolerance) break;
    const along = (a - b) / (c - b);
    const rise = (fa - fb) / (fc - fb);
    const lands = rise * rise < along && (1 - rise) * (1 - rise) < 1 - along;
    const least = tolerance / (2 * width);
    part = lands
      ? Math.min(
          1 - least,
          Math.max(
            least,
            (fa / (fb - fa)) * (fc / (fb - fc)) + ((c - a) / (b - a)) * (fa / (fc - fa)) * (fb / (fc - fb)),
          ),
        )
      : 0.5;
  }
  return Math.abs(fa) < Math.abs(fb) ? a : b;
}

/** Share of the guess by which the second point of the secant lies off it. */
const SECANT_STEP = 1e-4;

/**
 * The same root by the secant through a guess that is near it: a few steps when the function has hardly changed since
 * the guess was found. A step that leaves the bracket is replaced by its middle.
 *
 * @param near the guess, inside the bracket
 * @source secant method, Press et al., Numerical Recipes, 3rd ed. 2007, 9.2.
 */
export function solveNear(
  valueAt: (x: number) => number,
  low: number,
  high: number,
  near: number,
  tolerance: number,
): number {
  let [left, right] = [low, high];
  let before = Math.min(high, Math.max(low, near));
  let valueBefore = valueAt(before);
  let x = before * (1 - SECANT_STEP) + SECANT_STEP * (valueBefore > 0 ? high : low);
  for (let step = 0; step < MAX_STEPS; step += 1) {
    const value = valueAt(x);
    if (value > 0) left = Math.max(left, x);
    else right = Math.min(right, x);
    const slope = (value - valueBefore) / (x - before);
    const next = x - value / slope;
    before = x;
    valueBefore = value;
    x = next > left && next < right ? next : value === 0 ? x : (left + right) / 2;
    if (Math.abs(x - before) <= tolerance || right - left <= tolerance) return x;
  }
  return x;
}
