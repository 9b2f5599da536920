import { flowAt, pressureAt, type Resistance } from './quadratic';
import { solveFalling } from './solve';

/** How a flow shares itself over parallel ways: the pressure all of them lose, and the flow in each. */
export interface Split {
  readonly pressure: number;
  readonly flows: readonly number[];
}

/** Below this, Pa, nothing holds the water back: smaller numbers lose their figures. */
const NO_PRESSURE = 1e-30;
/** Share of a pressure to which it is found. */
const PRECISION = 1e-10;

/**
 * Shares a flow over parallel ways of equal pressure loss; `null` is a way that lets nothing through.
 * All ways blocked: the pressure is infinite and nothing flows.
 *
 * @param flow m³/s, 0 or more
 */
export function splitFlow(ways: readonly (Resistance | null)[], flow: number): Split {
  const open = ways.filter((way) => way !== null);
  const [only] = open;
  if (only === undefined) return { pressure: flow > 0 ? Infinity : 0, flows: ways.map(() => 0) };
  if (flow <= 0) return { pressure: 0, flows: ways.map(() => 0) };
  if (open.length === 1)
    return { pressure: pressureAt(only, flow), flows: ways.map((way) => (way === null ? 0 : flow)) };
  const most = Math.min(...open.map((way) => pressureAt(way, flow)));
  const isFree = (way: Resistance): boolean => pressureAt(way, flow) < NO_PRESSURE;
  if (most < NO_PRESSURE) {
    // A way without any resistance takes it all; several of them share alike.
    const free = open.filter(isFree).length;
    return {
      pressure: 0,
      flows: ways.map((way) => (way !== null && isFree(way) ? flow / free : 0)),
    };
  }
  const excess = (pressure: number): number =>
    flow - open.reduce((sum, way) => sum + flowAt(way, pressure), 0);
  const pressure = solveFalling(excess, 0, most, most * PRECISION);
  const flows = ways.map((way) => (way === null ? 0 : flowAt(way, pressure)));
  // The last figures of the solution are spread over all ways, so that they add up.
  const sum = flows.reduce((all, one) => all + one, 0);
  return { pressure, flows: flows.map((one) => (sum === 0 ? 0 : (one / sum) * flow)) };
}
