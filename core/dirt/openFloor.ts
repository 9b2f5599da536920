import type { Filter } from '../filter/filter';
import { faceArea } from '../filter/chamberGeometry';
import type { PlacedLayer } from '../layers/placedLayer';
import type { OpenFloor } from './capture';

/** Kinds whose water turns upward over an open floor. */
const UP_FLOW: readonly Filter['kind'][] = [
  'canister-centre-pipe',
  'canister-side-riser',
  'canister-prefilter',
];

/** The open floor of an up-flow canister, under its first tray; null for all others. */
export function openFloorOf(filter: Filter, inFlow: readonly PlacedLayer[]): OpenFloor | null {
  if (!UP_FLOW.includes(filter.kind)) return null;
  const before = inFlow.findIndex(({ chamber }) => chamber.where === 'body' && chamber.way === 'up');
  const tray = inFlow[before]?.chamber;
  return tray === undefined ? null : { area: faceArea(tray.shape, 0), before };
}
