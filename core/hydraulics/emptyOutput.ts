import type { Filter } from '../filter/filter';
import { solveFalling } from '../maths/solveFalling';
import { USUAL_TEMPERATURE } from '../tank/newTank';
import { mostFlow, netPumpPressure } from './drive';
import { fluidAt } from './fluid';
import { hoseLine } from './hoseHead';
import { pumpCurve } from './pumpHead';

/** Share of the greatest flow to which the output is found. */
const PRECISION = 1e-9;

/** What a filter gives through its hoses with nothing in it, m³/s. */
export function emptyOutput(filter: Filter): number {
  const parts = partsOf(filter);
  const most = mostFlow(parts);
  return solveFalling(netPumpPressure(parts), 0, most, PRECISION * most);
}

/** Head that hoses, lift and the body itself take at a flow with nothing in the filter, m of water. */
export function emptyHead(filter: Filter, flow: number): number {
  const parts = partsOf(filter);
  return parts.pump.headAt(flow) - netPumpPressure(parts)(flow);
}

const partsOf = (filter: Filter) => ({
  filter,
  fluid: fluidAt(USUAL_TEMPERATURE),
  pump: pumpCurve(filter),
  line: hoseLine(filter),
});
