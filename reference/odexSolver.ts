import { createRequire } from 'node:module';

/** The part of the package that is used; it ships its source, which is not written for strict settings. */
export interface OdexSolver {
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

/** Hairer & Wanner’s ODEX. */
export const { Solver } = createRequire(import.meta.url)('odex') as {
  Solver: new (size: number) => OdexSolver;
};
