import type { Geometry } from '../media/geometry';
import { loosenessIn } from './looseness';

/** Share of the open room of a bed that sludge can close before nothing sticks any more (calibrated). */
const CLOSED_AT_MOST: Readonly<Record<'fibre' | 'foam' | 'others', number>> = {
  fibre: 0.5,
  // A tenth of a full foam's pores stays open: full foam can close a canister's flow.
  foam: 0.9,
  others: 0.3,
};

/**
 * Deposit at which a bed catches nothing any more, as packed sludge, share of the bed, σ_u.
 *
 * @param porosity of the bed as it stands, 0–1
 */
export function ultimateDeposit(geometry: Geometry, porosity: number): number {
  const { form } = geometry;
  const closed = CLOSED_AT_MOST[form === 'fibre' || form === 'foam' ? form : 'others'];
  return (closed * porosity) / loosenessIn(geometry);
}
