import { Matrix } from 'ml-matrix';

/** Step of the differences, in units of the prior spread: the optimiser takes the same, so that predictions are asked for once. */
export const FINITE_DIFFERENCE_STEP = 0.02;

/** Slopes of a list of numbers at a point, by differences to both sides: numbers × coordinates. */
export function jacobian(
  numbers: (point: readonly number[]) => readonly number[],
  point: readonly number[],
): Matrix {
  const moved = (index: number, step: number): readonly number[] =>
    numbers(point.map((value, place) => (place === index ? value + step : value)));
  const columns = point.map((_, index) => {
    const [up, down] = [moved(index, FINITE_DIFFERENCE_STEP), moved(index, -FINITE_DIFFERENCE_STEP)];
    return up.map((value, place) => (value - down[place]!) / (2 * FINITE_DIFFERENCE_STEP));
  });
  return new Matrix(columns).transpose();
}
