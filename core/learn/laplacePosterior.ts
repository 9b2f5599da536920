import { Matrix } from 'ml-matrix';
import type { Posterior } from '../dirt/posterior';
import { cholesky } from './cholesky';
import type { LearnedLog } from './fitModelToLog';
import { todaysCoordinates } from './todaysCoordinates';

/**
 * The posterior of a learned log by Laplace’s approximation: the likeliest point and the covariance about it, for the
 * coordinates that hold today. It needs no draws, which are most of the work of learning.
 *
 * @source MacKay, Information Theory, Inference, and Learning Algorithms, 2003, ch. 27
 */
export function laplacePosterior({ fit, model, readings }: LearnedLog): Posterior {
  const places = todaysCoordinates(model);
  const covariance = fit.root.mmul(fit.root.transpose());
  const ours = new Matrix(places.map((row) => places.map((column) => covariance.get(row, column))));
  return { readings, mean: places.map((place) => fit.point[place]!), root: cholesky(ours).to2DArray() };
}
