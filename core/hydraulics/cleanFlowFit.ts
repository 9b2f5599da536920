import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { operatingPoint } from './operatingPoint';
import { variedFilter, type FilterFactors } from './variedFilter';

/*
 * How far what was assumed may be off before a flow cannot be explained by it, as a factor either way (calibrated):
 * head of a pump that was not measured, or whose label or curve was entered; bore that the lining leaves of a hose
 * that was assumed or entered; what a body without hoses takes.
 */
const HEAD = { assumed: 1.5, entered: 1.15 } as const;
const BORE = { assumed: 1.15, entered: 1.05 } as const;
const LOSS_SPREAD = { assumed: 1.5, entered: 1.15 } as const;
/** Share by which a jug and a prediction may differ and still agree (calibrated: a model error of 5 %, and the jug’s own). */
const AGREEMENT_TOLERANCE = 0.1;

/** What a flow timed with the clean pack says of a filter. Flows m³/s. */
export interface CleanFlowFit {
  readonly predicted: number;
  /** Predicted with everything that was assumed as unfavourable, and as favourable, as is plausible. */
  readonly low: number;
  readonly high: number;
  /** `agrees`: within what jug and model are off; `fits`: what was assumed can explain it; `unexplained`: it cannot. */
  readonly verdict: 'agrees' | 'fits' | 'unexplained';
}

/** A flow timed with the clean pack, m³/s, and what it says of the filter. */
export interface CleanFlow {
  readonly measured: number;
  readonly fit: CleanFlowFit;
}

/**
 * Holds a flow timed with the clean pack against the prediction.
 *
 * @param inFlow the layers that were in, in flow order
 * @param measured m³/s
 * @example cleanFlowFit(reedBench.filter, placeLayers(reedBench.filter, reedBench.layers), 25, 0.19e-3) // { verdict: 'agrees' }
 */
export function cleanFlowFit(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  celsius: number,
  measured: number,
): CleanFlowFit {
  const predicted = operatingPoint(filter, inFlow, celsius).flow;
  const low = operatingPoint(variedFilter(filter, factors(filter, -1)), inFlow, celsius).flow;
  const high = operatingPoint(variedFilter(filter, factors(filter, 1)), inFlow, celsius).flow;
  const agrees = Math.abs(measured / predicted - 1) <= AGREEMENT_TOLERANCE;
  const fits = measured >= low * (1 - AGREEMENT_TOLERANCE) && measured <= high * (1 + AGREEMENT_TOLERANCE);
  return { predicted, low, high, verdict: agrees ? 'agrees' : fits ? 'fits' : 'unexplained' };
}

/** A flow timed with the clean pack held against the prediction for the layers that were in; null without one. */
export const cleanFlow = (
  filter: Filter,
  layers: readonly Layer[],
  celsius: number,
  measured: number | null,
): CleanFlow | null =>
  measured === null
    ? null
    : { measured, fit: cleanFlowFit(filter, placeLayers(filter, layers), celsius, measured) };

/** @param way 1: all that was assumed in favour of the flow; −1: against it */
const factors = ({ pump, assumed }: Filter, way: 1 | -1): FilterFactors => ({
  head: HEAD[pump.head.by === 'assumed' ? 'assumed' : 'entered'] ** way,
  bore: BORE[assumed.includes('hoses') ? 'assumed' : 'entered'] ** way,
  loss: LOSS_SPREAD[pump.internalLoss === null ? 'assumed' : 'entered'] ** -way,
});
