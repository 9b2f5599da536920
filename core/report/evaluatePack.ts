import type { Finding } from '../findings/finding';
import { findingsOf } from '../findings/findingsOf';
import { packMeasures, type PackInput, type PackMeasures } from './packMeasures';

/** All that is known of a pack in its filter on its tank. SI. */
export interface PackReport extends PackMeasures {
  /** Most serious first; within a level, what has most effect first. */
  readonly findings: readonly Finding[];
}

/**
 * Everything the core knows about a pack, in one call: the app, its workers and the command line all use it.
 * The layers may come in any order; within a chamber their order is the flow order.
 *
 * @throws Error when a layer refers to a medium or chamber that is not there; check with `packFaults` first.
 * @example evaluatePack({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }) // { leastPassThrough: 1, turnover: null }
 */
export function evaluatePack(input: PackInput): PackReport {
  const { measures, context } = packMeasures(input);
  return { ...measures, findings: findingsOf(context, input.layers) };
}
