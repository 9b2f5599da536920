import type { Geometry } from '../media/geometry';

/** Share of the open room of a bed that dirt can fill before nothing sticks any more (calibrated). */
const OF_FIBRE = 0.62;
const OF_OTHERS = 0.3;

/**
 * Deposit at which a bed catches nothing any more, share of the bed, σ_u.
 *
 * @param porosity of the bed as it stands, 0–1
 */
export const ultimateDeposit = (geometry: Geometry, porosity: number): number =>
  (geometry.form === 'fibre' ? OF_FIBRE : OF_OTHERS) * porosity;
