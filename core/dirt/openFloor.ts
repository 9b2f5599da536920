import type { Filter } from '../filter/filter';
import { faceArea } from '../filter/chamberGeometry';
import { isSettlementPlace } from '../filter/settlementPlace';
import type { PlacedLayer } from '../layers/placedLayer';
import type { OpenFloor } from './capture';

/** The open floor of an up-flow canister, under its first tray; null for all others. */
export function openFloorOf(filter: Filter, inFlow: readonly PlacedLayer[]): OpenFloor | null {
  const before = inFlow.findIndex(({ chamber }) => chamber.where === 'body' && chamber.way === 'up');
  const floor = filter.chambers.find((chamber) => isSettlementPlace(filter, chamber));
  return before === -1 || floor === undefined ? null : { area: faceArea(floor.shape, 0), before };
}
