import { flowAt, pressureAt, type Resistance } from './quadratic';
import { sum } from '../maths/sum';

/** How a flow shares itself over parallel ways: the pressure all of them lose, and the flow in each. */
export interface Split {
  readonly pressure: number;
  readonly flows: readonly number[];
}

/** Below this, Pa, nothing holds the water back: smaller numbers lose their figures. */
const NO_PRESSURE = 1e-30;
/** Share of a pressure to which it is found, and most steps towards it. */
const PRECISION = 1e-12;
const MAX_STEPS = 60;

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
  const pressure = commonPressure(open, flow);
  const flows = ways.map((way) => (way === null ? 0 : flowAt(way, pressure)));
  // The last figures of the solution are spread over all ways, so that they add up.
  const total = sum(flows);
  return { pressure, flows: flows.map((number) => (total === 0 ? 0 : (number / total) * flow)) };
}

/**
 * The pressure at which several ways together let a flow through, Pa. What they let through bends downward as the
 * pressure grows, so that Newton’s steps from below never pass the root.
 *
 * @source Newton’s method on a concave function; the derivative of each way is 1/(linear + 2·square·Q).
 */
function commonPressure(ways: readonly Resistance[], flow: number): number {
  // One of them takes at least its even share: the least of those pressures is not above the root.
  let pressure = Math.min(...ways.map((way) => pressureAt(way, flow / ways.length)));
  for (let step = 0; step < MAX_STEPS; step += 1) {
    let passed = 0;
    let slope = 0;
    for (const way of ways) {
      const part = flowAt(way, pressure);
      passed += part;
      slope += 1 / (way.linear + 2 * way.square * part);
    }
    const next = pressure + (flow - passed) / slope;
    if (!(next - pressure > pressure * PRECISION)) return pressure;
    pressure = next;
  }
  return pressure;
}
