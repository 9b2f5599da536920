import type { Filter } from '../filter/filter';
import type { Fluid } from './fluid';
import { hoseHead, type HoseLine } from './hoseHead';
import { internalHead } from './internalHead';
import { liftOf } from './lift';
import type { PumpCurve } from './pumpHead';
import { strainerHead } from './strainerHead';

/** What the drive of a filter is found from. */
export interface DriveParts {
  readonly filter: Filter;
  readonly fluid: Fluid;
  readonly pump: PumpCurve;
  readonly line: HoseLine | null;
}

/** Greatest flow to the tank, m³/s: the free flow less what a control sends round again. */
export const mostFlow = ({ filter, pump }: Pick<DriveParts, 'filter' | 'pump'>): number =>
  pump.freeFlow * (1 - (filter.spill?.recirculated ?? 0));

/**
 * Head that is left for the sponge, the pack and the water over a lip, m of water, at a flow to the tank: the pump’s
 * less lift, hoses, strainers and the body itself. Falls with the flow.
 */
export function netPumpPressure({ filter, fluid, pump, line }: DriveParts): (flow: number) => number {
  const lift = liftOf(filter);
  const hoses = line === null ? null : hoseHead(line, fluid);
  const passed = 1 - (filter.spill?.recirculated ?? 0);
  return (flow) =>
    pump.headAt(flow / passed) -
    lift -
    (hoses === null ? strainerHead(filter, flow) : hoses(flow)) -
    internalHead(filter, flow);
}
