import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { inverse, type Matrix } from 'ml-matrix';
import type { LogModel } from './logModel';
import { cholesky } from './cholesky';
import { FINITE_DIFFERENCE_STEP, jacobian } from './jacobian';

/** Steps of the optimiser. */
const STEPS = 8;
/** As far from what is usual as the optimiser may go, in units of the prior spread. */
const MAX_SPREADS_OFF = 5;

/** The likeliest point of a model, and how sure it is. */
export interface LogFit {
  readonly point: readonly number[];
  /** Root of the covariance about it. */
  readonly root: Matrix;
}

/**
 * The point of greatest posterior density (MAP) and Laplace’s approximation about it: the covariance is the inverse of
 * JᵀJ, J being the slopes of all residuals, those of the prior among them.
 *
 * @param from where to begin; what is usual without it
 * @source Levenberg & Marquardt’s method by the package ml-levenberg-marquardt; Laplace’s approximation (MacKay,
 *   Information Theory, Inference, and Learning Algorithms, 2003, ch. 27)
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
      minValues: begin.map(() => -MAX_SPREADS_OFF),
      maxValues: begin.map(() => MAX_SPREADS_OFF),
      gradientDifference: FINITE_DIFFERENCE_STEP,
      maxIterations: STEPS,
      errorTolerance: 1e-9,
      damping: 0.1,
    },
  );
  const slopes = jacobian(model.residuals, parameterValues);
  return { point: parameterValues, root: cholesky(inverse(slopes.transpose().mmul(slopes))) };
}
