/** Right-hand side of a system of equations: writes dy/dt for a state into `into`. */
export type Slope = (state: Float64Array, into: Float64Array) => void;

/** How closely a solution is followed. */
export interface Tolerance {
  /** Share of each value, and what is nothing in the unit of each, by component. */
  readonly relative: number;
  readonly absolute: Float64Array;
}

// Dormand & Prince 1980, the embedded pair of order 5(4).
const A = [
  [1 / 5],
  [3 / 40, 9 / 40],
  [44 / 45, -56 / 15, 32 / 9],
  [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
].map((row) => Float64Array.from(row));
const ERROR = Float64Array.from([71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40]);
const STAGES = 7;

/** Safety of a new step, and how much it may shrink or grow. */
const SAFETY = 0.9;
const MIN_CHANGE = 0.2;
const MAX_CHANGE = 5;
/** First step, and the least, days. */
const FIRST_STEP = 1e-3;
const MIN_STEP = 1e-9;

/**
 * Integrates a system of equations that do not name the time, from a state over a time. The state is changed in place.
 *
 * @param duration how long, 0 or more
 * @param step first step to try; 0: a small one
 * @param visit called after every step with the time, the state and its slope before, and the same after
 * @returns the step that would be tried next
 * @source Dormand & Prince 1980 (J. Comput. Appl. Math. 6, 19), order 5(4) with local extrapolation; step by the usual
 *   controller.
 */
export function integrate(
  slope: Slope,
  state: Float64Array,
  duration: number,
  { relative, absolute }: Tolerance,
  step: number,
  visit: (
    before: number,
    from: Float64Array,
    slopeFrom: Float64Array,
    after: number,
    to: Float64Array,
    slopeTo: Float64Array,
  ) => void,
): number {
  const size = state.length;
  const slopes = Array.from({ length: STAGES }, () => new Float64Array(size));
  const trial = new Float64Array(size);
  let first = slopes[0]!;
  let last = slopes[STAGES - 1]!;
  slope(state, first);
  let time = 0;
  let next = step > 0 ? step : FIRST_STEP;
  while (time < duration) {
    const taken = Math.min(next, duration - time);
    for (let stage = 1; stage < STAGES; stage += 1) {
      const row = A[stage - 1]!;
      const into = stage === STAGES - 1 ? last : slopes[stage]!;
      for (let part = 0; part < size; part += 1) {
        let sum = row[0]! * first[part]!;
        for (let before = 1; before < stage; before += 1) sum += row[before]! * slopes[before]![part]!;
        trial[part] = state[part]! + taken * sum;
      }
      slope(trial, into);
    }
    let worst = 0;
    for (let part = 0; part < size; part += 1) {
      let sum = ERROR[0]! * first[part]! + ERROR[STAGES - 1]! * last[part]!;
      for (let stage = 2; stage < STAGES - 1; stage += 1) sum += ERROR[stage]! * slopes[stage]![part]!;
      const scale = absolute[part]! + relative * Math.max(Math.abs(state[part]!), Math.abs(trial[part]!));
      worst = Math.max(worst, Math.abs(taken * sum) / scale);
    }
    const change = worst === 0 ? MAX_CHANGE : SAFETY * worst ** -0.2;
    if (worst <= 1 || taken <= MIN_STEP) {
      visit(time, state, first, time + taken, trial, last);
      state.set(trial);
      time = taken === duration - time ? duration : time + taken;
      // The last slope of a step is the first of the next.
      [first, last] = [last, first];
    }
    const tried = taken * Math.min(MAX_CHANGE, Math.max(MIN_CHANGE, change));
    next = taken < next && worst <= 1 ? Math.max(next, tried) : Math.max(MIN_STEP, tried);
  }
  return next;
}
