import type { Matrix } from 'ml-matrix';

/** Solves L·x = b for a lower triangle L, row by row. */
export function forwardSubstitution(lower: Matrix, right: readonly number[]): number[] {
  const solved: number[] = [];
  right.forEach((value, row) => {
    let rest = value;
    for (let column = 0; column < row; column += 1) rest -= lower.get(row, column) * solved[column]!;
    solved.push(rest / lower.get(row, row));
  });
  return solved;
}
