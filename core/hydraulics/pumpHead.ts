import type { Filter } from '../filter/filter';
import { shutOffHead } from '../filter/shutOffHead';

/** Exponent of the pump curve H = H0·(1 − (Q/Q0)^n) when no points were entered (calibrated). */
export const PUMP_EXPONENT = 1.5;

/** A pump’s curve: head at a flow, and the greatest flow it gives. */
export interface PumpCurve {
  /** m of water at m³/s; falls with the flow, and goes on falling below 0 beyond the free flow. */
  readonly headAt: (flow: number) => number;
  readonly freeFlow: number;
  readonly shutOff: number;
}

/** The curve of a filter’s pumps together, from its points or from free flow and shut-off head. */
export function pumpCurve(filter: Filter): PumpCurve {
  const { head } = filter.pump;
  if (head.by === 'curve') return throughPoints(head.points);
  const { value } = shutOffHead(filter.kind, filter.pump, filter.labelFlow);
  return powerCurve(value, filter.labelFlow, PUMP_EXPONENT);
}

/** @source H = H0·(1 − (Q/Q0)^n), common form of a small pump’s curve. */
export const powerCurve = (shutOff: number, freeFlow: number, exponent: number): PumpCurve => ({
  headAt: (flow) => shutOff * (1 - (Math.max(0, flow) / freeFlow) ** exponent),
  freeFlow,
  shutOff,
});

/** Straight from point to point; the last stretch goes on until there is no head left. */
export function throughPoints(points: readonly { flow: number; head: number }[]): PumpCurve {
  const first = points[0] ?? { flow: 0, head: 0 };
  const last = points.at(-1) ?? first;
  const before = points.at(-2) ?? first;
  // A curve that ends flat would never reach zero: it is then taken to end at its last point.
  const slope = last.flow > before.flow ? (last.head - before.head) / (last.flow - before.flow) : 0;
  const freeFlow = slope < 0 ? last.flow - last.head / slope : last.flow;
  const headAt = (flow: number): number => {
    if (flow >= last.flow)
      return slope < 0 ? last.head + slope * (flow - last.flow) : flow > last.flow ? -1 : last.head;
    const index = points.findIndex((point) => point.flow > flow);
    const [a, b] = [points[index - 1], points[index]];
    if (a === undefined || b === undefined) return first.head;
    return a.head + ((b.head - a.head) * (flow - a.flow)) / (b.flow - a.flow);
  };
  return { headAt, freeFlow, shutOff: headAt(0) };
}
