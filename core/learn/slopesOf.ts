import { Matrix } from 'ml-matrix';

/** Step of the differences, in units of the prior spread: the optimiser takes the same, so that predictions are asked for once. */
export const DIFFERENCE = 0.02;

/** Slopes of a list of numbers at a point, by differences to both sides: numbers × coordinates. */
export function slopesOf(
  numbers: (point: readonly number[]) => readonly number[],
  point: readonly number[],
): Matrix {
  const moved = (index: number, step: number): readonly number[] =>
    numbers(point.map((value, place) => (place === index ? value + step : value)));
  const columns = point.map((_, index) => {
    const [up, down] = [moved(index, DIFFERENCE), moved(index, -DIFFERENCE)];
    return up.map((value, place) => (value - down[place]!) / (2 * DIFFERENCE));
  });
  return new Matrix(columns).transpose();
}
