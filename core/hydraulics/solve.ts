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

/** Widths of the brackets that are tried around a guess, as shares of it. */
const TRIED = [2e-3, 3e-2];

/**
 * The same root, looked for around a guess first: a few steps when the function has hardly changed since.
 *
 * @param near the guess, inside the bracket
 */
export function solveNear(
  valueAt: (x: number) => number,
  low: number,
  high: number,
  near: number,
  tolerance: number,
): number {
  let [left, right] = [low, high];
  for (const share of TRIED) {
    const [a, b] = [near * (1 - share), near * (1 + share)];
    if (a > left) {
      if (valueAt(a) > 0) left = a;
      else {
        right = Math.min(right, a);
        continue;
      }
    }
    if (b < right) {
      if (valueAt(b) < 0) right = b;
      else {
        left = Math.max(left, b);
        continue;
      }
    }
    break;
  }
  return solveFalling(valueAt, left, right, tolerance);
}
