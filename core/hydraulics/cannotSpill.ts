import type { Filter } from '../filter/filter';
import { GRAVITY } from './fluid';
import { GAP_K } from './columns';
import { internalHead } from './internalHead';
import { lipHeight } from './lipHeight';
import { pumpCurve } from './pumpHead';
import { rimAboveLip } from './rim';
import { solveFalling } from '../maths/solveFalling';
import { drownedWeirFlow } from './weir';

/** Room that is left under the rim all the same, m (calibrated: wet plastic and a bump of the stand). */
export const SPILL_MARGIN = 1e-3;
/** How deep a notch is cut into the media behind the wall, m (calibrated). */
const NOTCH_DEPTH = 0.02;
/** Share of the free flow to which the flow is found. */
const PRECISION = 1e-9;

/** What keeps a hang-on-back from spilling even when every layer is blocked. */
export interface SpillGuards {
  /** Flow that still comes when all of it passes the pack, m³/s. */
  readonly flow: number;
  /** A relief notch with its crest at the lip: width, m, and the media that stand in its way, m³; null: none is wide enough. */
  readonly notch: { readonly width: number; readonly media: number } | null;
  /** A corner trimmed off every layer: its area, m², side of a square of that area, m, and the media it costs, m³. */
  readonly corner: { readonly area: number; readonly side: number; readonly media: number } | null;
}

/**
 * The smallest relief notch, or the smallest corner trimmed off all layers, with which a hang-on-back cannot spill
 * even when no water goes through its layers any more. Null for other kinds, and where lip and rim alone spill.
 *
 * @param stack how high the media stand in the basket, m
 * @source weir with Villemonte’s drowning for the notch; K velocity heads for the corner; the pump’s own curve.
 */
export function cannotSpill(filter: Filter, stack: number): SpillGuards | null {
  const { spill } = filter;
  if (spill === null) return null;
  const pump = pumpCurve(filter);
  const level = rimAboveLip(spill) - SPILL_MARGIN;
  // With the water standing just under the rim the pump gives this much.
  const most = pump.freeFlow * (1 - spill.recirculated);
  const excess = (flow: number): number =>
    pump.headAt(flow / (1 - spill.recirculated)) - spill.lipAboveTank - internalHead(filter, flow) - level;
  const flow = solveFalling(excess, 0, most, most * PRECISION);
  const overLip = lipHeight(spill, stack, flow);
  if (level <= overLip) return null;
  const perWidth = drownedWeirFlow(1, level, overLip);
  const width = flow / perWidth;
  const area = flow / Math.sqrt(((level - overLip) * 2 * GRAVITY) / GAP_K);
  const widest = 2 * spill.lipWidth;
  return {
    flow,
    notch:
      width > widest
        ? null
        : { width, media: width * NOTCH_DEPTH * Math.max(0, stack - spill.lipAboveFloor) },
    corner: { area, side: Math.sqrt(area), media: area * stack },
  };
}
