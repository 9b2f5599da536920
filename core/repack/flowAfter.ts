import type { Filter } from '../filter/filter';
import { isCanister } from '../filter/kindFamily';
import { cleanFlowFit, type CleanFlowFit } from '../hydraulics/cleanFlowFit';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';

/** Why a flow may differ from its prediction, and the check that decides. */
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
 * Causes of a weak flow, likeliest first, each with what distinguishes it from the others (common practice, no source): what sits on
 * the intake, the first foam, the floss, the impeller, the hoses, a tap, air.
 */
const WEAKER_CAUSES: readonly Cause[] = [
  {
    cause: 'The strainer or the intake sponge is blocked.',
    check: 'Take the sponge or strainer off for a moment. If the flow comes back, that was the cause.',
    when: ({ kind }) => kind !== 'internal-sponge',
  },
  {
    cause: 'The first foam is still dirty.',
    check: 'Run the filter without it for a minute. If the flow comes back, squeeze it again.',
    when: (_, layers, old) => layers.some((layer) => isMechanical(layer, true) && old.has(layer.id)),
  },
  {
    cause: 'The floss is full or packed too tightly.',
    check: 'Take it out. If the flow comes back, put it in loosely or replace it.',
    when: (_, layers) => layers.some((layer) => isMechanical(layer, false)),
  },
  {
    cause: 'The impeller is dirty or not seated.',
    check:
      'If the flow stays weak without any media, open the impeller cover, wipe the impeller and turn it with a finger.',
    when: always,
  },
  {
    cause: 'A hose is slimy inside or kinked.',
    check: 'Feel along the hoses for kinks, and pull a brush through them.',
    when: ({ hoses }) => hoses !== null,
  },
  {
    cause: 'A tap is half closed.',
    check: 'Turn each tap as far as it goes and back again.',
    when: ({ equipment }) => equipment.includes('taps'),
  },
  {
    cause: 'Air is trapped in the filter head.',
    check: 'Tilt the filter back and forth. If bubbles come out, the flow comes back.',
    when: ({ kind }) => isCanister(kind),
  },
];

/* Why a flow may be stronger than predicted, likeliest first (common practice, no source). */
const STRONGER_CAUSES: readonly Cause[] = [
  {
    cause: 'Water goes around the pack.',
    check: 'Look for gaps at the walls and a tray that is not seated.',
    when: always,
  },
  {
    cause: 'The jug holds less than you entered, or you stopped the watch too early.',
    check: 'Weigh the jug full and empty. A litre of water weighs a kilogram.',
    when: always,
  },
  {
    cause: 'A layer of the plan is missing from the filter.',
    check: 'Compare the packing list with what is left on the towel.',
    when: always,
  },
  {
    cause: 'The flow on the label or the inside width of the hoses was entered too small.',
    check: 'Check the label, and measure the inside of the hose.',
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
  const causes = { agrees: [], weaker: WEAKER_CAUSES, stronger: STRONGER_CAUSES }[side];
  return {
    fit,
    side,
    reasons: causes
      .filter(({ when }) => when(filter, layers, old))
      .map(({ cause, check }) => ({ cause, check })),
  };
}
