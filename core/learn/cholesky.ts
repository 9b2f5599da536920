import { CholeskyDecomposition, type Matrix } from 'ml-matrix';

/**
 * The lower triangle whose product with its transpose is a covariance. What is symmetric but for rounding is taken as
 * symmetric.
 *
 * @throws RangeError when it is not positive definite
 */
export function cholesky(covariance: Matrix): Matrix {
  const decomposition = new CholeskyDecomposition(covariance.clone().add(covariance.transpose()).div(2));
  if (!decomposition.isPositiveDefinite()) throw new RangeError('A covariance must be positive definite.');
  return decomposition.lowerTriangularMatrix;
}
