/** Most steps of the solver; a bracket of the whole range shrinks below rounding long before. */
const MOST_STEPS = 80;

/**
 * The root of a continuous function that is not negative at `low` and not positive at `high`, by regula falsi in the
 * Illinois form with a bisection whenever it is slow. Always ends, always inside the bracket.
 *
 * @param tolerance width of the bracket that is good enough, in the unit of x
 * @source Dowell & Jarratt 1971; from memory.
 */
export function solveFalling(
  valueAt: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): number {
  let [a, b] = [low, high];
  let fa = valueAt(a);
  if (fa <= 0) return a;
  let fb = valueAt(b);
  if (fb >= 0) return b;
  let side = 0;
  for (let step = 0; step < MOST_STEPS && b - a > tolerance; step += 1) {
    const slow = step % 4 === 3;
    const x = slow ? (a + b) / 2 : (a * fb - b * fa) / (fb - fa);
    const fx = valueAt(x);
    if (fx === 0) return x;
    if (fx > 0) {
      a = x;
      fa = fx;
      if (side === 1) fb /= 2;
      side = 1;
    } else {
      b = x;
      fb = fx;
      if (side === -1) fa /= 2;
      side = -1;
    }
  }
  return (a + b) / 2;
}

/** Share of the guess by which the second point of the secant lies off it. */
const APART = 1e-4;

/**
 * The same root by the secant through a guess that is near it: a few steps when the function has hardly changed since
 * the guess was found. A step that leaves the bracket is replaced by its middle.
 *
 * @param near the guess, inside the bracket
 * @source secant method; from memory.
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
  let x = before * (1 - APART) + APART * (valueBefore > 0 ? high : low);
  for (let step = 0; step < MOST_STEPS; step += 1) {
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
