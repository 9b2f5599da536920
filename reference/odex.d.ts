/** The part of the package that is used here: it ships its source, which is not written for strict settings. */
export class Solver {
  constructor(size: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    slope: (time: number, state: number[]) => number[],
    from: number,
    state: readonly number[],
    to: number,
  ): { readonly y: number[] };
}
