import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { inverse, Matrix } from 'ml-matrix';
import type { LogModel } from './logModel';
import { rootOf } from './rootOf';

/** Steps of the optimiser, and the step of its differences, in units of the prior spread. */
const STEPS = 8;
const DIFFERENCE = 0.02;
/** As far from what is usual as the optimiser may go, in units of the prior spread. */
const FURTHEST = 5;

/** The likeliest point of a model, and how sure it is. */
export interface LogFit {
  readonly point: readonly number[];
  /** Differences of the residuals by coordinate, at that point: residuals × coordinates. */
  readonly slopes: Matrix;
  /** Root of the covariance about it. */
  readonly root: Matrix;
}

/**
 * The point of greatest posterior density (MAP) and Laplace’s approximation about it: the covariance is the inverse of
 * JᵀJ, J being the slopes of all residuals, those of the prior among them.
 *
 * @param from where to begin; what is usual without it
 * @source Levenberg & Marquardt’s method by the package ml-levenberg-marquardt; Laplace’s approximation (any textbook of
 *   Bayesian statistics; from memory)
 */
export function fitLog(model: LogModel, from?: readonly number[]): LogFit {
  const begin = Array.from({ length: model.coordinates }, (_, index) => from?.[index] ?? 0);
  const count = model.residuals(begin).length;
  const places = Array.from({ length: count }, (_, place) => place);
  const { parameterValues } = levenbergMarquardt(
    { x: places, y: places.map(() => 0) },
    (point) => {
      const residuals = model.residuals(point);
      return (place) => residuals[place] ?? 0;
    },
    {
      initialValues: begin,
      minValues: begin.map(() => -FURTHEST),
      maxValues: begin.map(() => FURTHEST),
      gradientDifference: DIFFERENCE,
      maxIterations: STEPS,
      errorTolerance: 1e-9,
      damping: 0.1,
    },
  );
  const slopes = slopesAt(model, parameterValues);
  return { point: parameterValues, slopes, root: rootOf(inverse(slopes.transpose().mmul(slopes))) };
}

/** Slopes of all residuals at a point, by differences to both sides. */
function slopesAt(model: LogModel, point: readonly number[]): Matrix {
  const moved = (index: number, step: number): number[] =>
    model.residuals(point.map((value, place) => (place === index ? value + step : value)));
  const columns = point.map((_, index) => {
    const [up, down] = [moved(index, DIFFERENCE), moved(index, -DIFFERENCE)];
    return up.map((value, place) => (value - down[place]!) / (2 * DIFFERENCE));
  });
  return new Matrix(columns).transpose();
}
