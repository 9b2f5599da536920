import type { Filter } from '../filter/filter';
import type { Pump } from '../filter/pump';
import { emptyHead } from './emptyOutput';
import { PUMP_EXPONENT } from './pumpHead';

type Curve = Extract<Pump['head'], { by: 'curve' }>;

/** Points that a curve is drawn by, besides the one that was printed: shares of the free flow. */
const DRAWN_AT = [0, 0.2, 0.4, 0.6, 0.8, 1] as const;
/** Flows nearer than this share of the free flow are one point. */
const APART = 0.03;

/** Why an output with hoses says nothing of a pump. */
export type OutputFault = 'above the label flow' | 'above what the pump lifts';

/**
 * The curve of a pump by what its maker says comes through the hoses with nothing in the filter: there the pump lifts just
 * what hoses and body take. With a maximum head from the label or a curve, its bend is fitted; else its maximum head.
 *
 * @param output m³/s
 * @source H = H0·(1 − (Q/Q0)^n) through the point where it meets the head that the hoses take
 */
export function curveThroughOutput(filter: Filter, output: number): Curve | OutputFault {
  const { labelFlow, pump } = filter;
  if (output >= labelFlow) return 'above the label flow';
  const head = emptyHead(filter, output);
  const share = output / labelFlow;
  const known =
    pump.head.by === 'label'
      ? pump.head.shutOff
      : pump.head.by === 'curve'
        ? pump.head.points[0]!.head
        : null;
  const shutOff = known ?? head / (1 - share ** PUMP_EXPONENT);
  if (head >= shutOff) return 'above what the pump lifts';
  const exponent = Math.log(1 - head / shutOff) / Math.log(share);
  const others = DRAWN_AT.filter((at) => at === 0 || at === 1 || Math.abs(at - share) > APART).map((at) => ({
    flow: at * labelFlow,
    head: shutOff * (1 - at ** exponent),
  }));
  return {
    by: 'curve',
    points: [...others, { flow: output, head }].sort((a, b) => a.flow - b.flow),
  };
}
