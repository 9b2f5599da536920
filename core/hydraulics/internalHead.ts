import type { Filter } from '../filter/filter';
import { isCanister } from '../filter/kindFamily';
import { shutOffHead } from '../filter/shutOffHead';

/** Head that a body in or on the tank takes at the label’s flow, as a share of its pump’s shut-off head (calibrated). */
const INTERNAL_SHARE = 0.42;

/**
 * Head that the body itself takes, m of water: its channels, impeller well and outlet. A canister’s is counted with
 * its fittings.
 *
 * @param flow to the tank, m³/s; what is sent round again passes the body as well
 * @source square law, fixed at the label’s flow.
 */
export function internalHead(filter: Filter, flow: number): number {
  const pumped = flow / (1 - (filter.spill?.recirculated ?? 0));
  return internalLoss(filter) * (pumped / filter.labelFlow) ** 2;
}

/** Head that the body takes at the label’s flow, m of water: as typed, or usual of the kind. */
export function internalLoss({ pump, kind, labelFlow }: Pick<Filter, 'pump' | 'kind' | 'labelFlow'>): number {
  return (
    pump.internalLoss ?? (isCanister(kind) ? 0 : INTERNAL_SHARE * shutOffHead(kind, pump, labelFlow).value)
  );
}
