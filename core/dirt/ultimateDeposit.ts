import type { Geometry } from '../media/geometry';
import { loosenessIn } from './looseness';

/** Share of the open room of a bed that sludge can close before nothing sticks any more (calibrated). */
const CLOSED_AT_MOST: Readonly<Record<'fibre' | 'foam' | 'others', number>> = {
  fibre: 0.5,
  // A tenth of a full foam's pores stays open: full foam can close a canister's flow.
  foam: 0.9,
  others: 0.3,
};

/** However it is drawn: some water always finds a way. */
const NEVER_CLOSED_BEYOND = 0.95;

/**
 * Deposit at which a bed catches nothing any more, as packed sludge, share of the bed, σ_u.
 *
 * @param porosity of the bed as it stands, 0–1
 * @param factor how many times as much as usual, as far as some of the room stays open
 */
export function ultimateDeposit(geometry: Geometry, porosity: number, factor = 1): number {
  const { form } = geometry;
  const closed = factor * CLOSED_AT_MOST[form === 'fibre' || form === 'foam' ? form : 'others'];
  return (Math.min(NEVER_CLOSED_BEYOND, closed) * porosity) / loosenessIn(geometry);
}
