import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';
import { tubeOf } from '../filter/tubeOf';
import { GRAVITY } from './fluid';

/** Head that a body without hoses takes at the label’s flow, as a share of its pump’s shut-off head (calibrated). */
const INTERNAL_SHARE = 0.42;

/**
 * Head that the body itself takes, m of water: its channels, impeller well and outlet, and a heater or lamp in it. A
 * canister’s channels are counted with its fittings.
 *
 * @param flow to the tank, m³/s; what is sent round again passes the body as well
 * @source square law, fixed at the label’s flow.
 */
export function internalHead(filter: Filter, flow: number): number {
  const pumped = flow / (1 - (filter.spill?.recirculated ?? 0));
  return internalLoss(filter) * (pumped / filter.labelFlow) ** 2 + equipmentHead(filter, pumped);
}

/**
 * Head that the body takes at the label’s flow, m of water: as typed, or usual of the kind. A body with hoses has it
 * among its fittings.
 */
export const internalLoss = ({ pump, kind, labelFlow, hoses }: InternalParts): number =>
  pump.internalLoss ?? (hoses !== null ? 0 : INTERNAL_SHARE * shutOffHead(kind, pump, labelFlow).value);

type InternalParts = Pick<Filter, 'pump' | 'kind' | 'labelFlow' | 'hoses'>;

/** Velocity heads that a heater and a UV lamp take where the water has to pass them (calibrated; editable). */
const K_HEATER = 1;
const K_LAMP = 2;

/** Velocity heads that a heater or lamp in the body takes: as typed, or usual of what is in it. */
export const equipmentK = ({ equipment, equipmentK }: Pick<Filter, 'equipment' | 'equipmentK'>): number =>
  equipmentK ?? (equipment.includes('heater') ? K_HEATER : 0) + (equipment.includes('UV lamp') ? K_LAMP : 0);

/** Head of a heater or lamp in the body, m of water: velocity heads in the hose, or in the intake tube without one. */
function equipmentHead(filter: Filter, flow: number): number {
  const bore = filter.hoses?.bore ?? tubeOf(filter.intakes);
  const velocity = flow / ((Math.PI / 4) * bore ** 2);
  return (equipmentK(filter) * velocity ** 2) / (2 * GRAVITY);
}
