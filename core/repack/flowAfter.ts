import type { Filter } from '../filter/filter';
import { isCanister } from '../filter/kindFamily';
import { cleanFlowFit, type CleanFlowFit } from '../hydraulics/cleanFlowFit';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';

/** Why a flow may differ from its prediction, and the check that tells. */
export interface FlowReason {
  readonly cause: string;
  readonly check: string;
}

/** The flow after a repack against its prediction. */
export interface FlowAfter {
  readonly fit: CleanFlowFit;
  readonly side: 'agrees' | 'weaker' | 'stronger';
  /** Likeliest first; empty where the two agree. */
  readonly reasons: readonly FlowReason[];
}

/** When a reason can be one. */
interface Cause extends FlowReason {
  readonly when: (filter: Filter, layers: readonly Layer[], old: ReadonlySet<string>) => boolean;
}

const always = (): boolean => true;
const isMechanical = (layer: Layer, grade: boolean): boolean => {
  const { family } = mediumOf(layer);
  return grade ? family === 'foam' || family === 'cartridge' : family === 'floss';
};

/*
 * Causes of a weak flow, likeliest first, each with what tells it from the others (common practice, no source): what sits on
 * the intake, the first foam, the floss, the impeller, the hoses, a tap, air.
 */
const WEAKER: readonly Cause[] = [
  {
    cause: 'The strainer or the intake sponge is blocked.',
    check: 'Lift the sponge or strainer off for a moment: if the flow is back, that was the cause.',
    when: ({ kind }) => kind !== 'internal-sponge',
  },
  {
    cause: 'The first foam still holds dirt.',
    check: 'Run for a minute with it out: if the flow is back, squeeze it again.',
    when: (_, layers, old) => layers.some((layer) => isMechanical(layer, true) && old.has(layer.id)),
  },
  {
    cause: 'The floss is full, or pressed too tight.',
    check: 'Take it out: if the flow is back, lay it in loosely or renew it.',
    when: (_, layers) => layers.some((layer) => isMechanical(layer, false)),
  },
  {
    cause: 'The impeller is fouled or does not sit.',
    check:
      'If the flow stays weak with the whole pack out: open the impeller’s cover, wipe it, turn it with a finger.',
    when: always,
  },
  {
    cause: 'A hose is lined with film or kinked.',
    check: 'Run the hoses through your hand from end to end, and pull a brush through them.',
    when: ({ hoses }) => hoses !== null,
  },
  {
    cause: 'A tap is half shut.',
    check: 'Turn each tap to its end and back.',
    when: ({ equipment }) => equipment.includes('taps'),
  },
  {
    cause: 'Air is locked in the head.',
    check: 'Tilt the body to and fro: bubbles at the outlet, and the flow comes back.',
    when: ({ kind }) => isCanister(kind),
  },
];

/* Why a flow may be stronger than predicted, likeliest first (common practice, no source). */
const STRONGER: readonly Cause[] = [
  {
    cause: 'Water goes around the pack.',
    check: 'Look for gaps at the walls and a tray that does not sit; dye or a pinch of dirt shows the way.',
    when: always,
  },
  {
    cause: 'The jug holds less than was entered, or the watch was stopped early.',
    check: 'Weigh the jug full and empty: a litre is a kilogram.',
    when: always,
  },
  {
    cause: 'A layer of the plan is not in.',
    check: 'Compare the packing list with what is left on the towel.',
    when: always,
  },
  {
    cause: 'The flow on the label, or the bore of the hoses, was entered too small.',
    check: 'Read the label and measure the hose inside.',
    when: always,
  },
];

/**
 * Holds the flow timed after a repack against the prediction for the pack as it went in: agreement, or why the two may
 * differ, each reason with its check.
 *
 * @param layers as they went in
 * @param old ids of the layers that were in the filter before
 * @param measured m³/s
 * @example flowAfter(reedBench.filter, reedBench.layers, new Set(), 25, 0.19e-3) // { side: 'agrees' }
 */
export function flowAfter(
  filter: Filter,
  layers: readonly Layer[],
  old: ReadonlySet<string>,
  celsius: number,
  measured: number,
): FlowAfter {
  const fit = cleanFlowFit(filter, placeLayers(filter, layers), celsius, measured);
  const side = fit.verdict === 'agrees' ? 'agrees' : measured < fit.predicted ? 'weaker' : 'stronger';
  const causes = { agrees: [], weaker: WEAKER, stronger: STRONGER }[side];
  return {
    fit,
    side,
    reasons: causes
      .filter(({ when }) => when(filter, layers, old))
      .map(({ cause, check }) => ({ cause, check })),
  };
}
