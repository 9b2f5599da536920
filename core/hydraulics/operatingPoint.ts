import type { Filter } from '../filter/filter';
import type { PlacedLayer } from '../layers/placedLayer';
import { layerPaths } from './columns';
import {
  filterWater,
  findBalance,
  headOf,
  MAX_PRESSURE,
  splitAlone,
  splitStack,
  wetShares,
  type Balance,
  type FilterWater,
  type Stack,
} from './filterWater';
import { fluidAt, GRAVITY, type Fluid } from './fluid';
import { hoseShares } from './hoseHead';
import { internalHead } from './internalHead';
import { liftOf } from './lift';
import { rimAboveLip } from './rim';
import { strainerHead } from './strainerHead';

/** What the water does in one layer. SI. */
export interface LayerFlow {
  readonly layerId: string;
  /** Head lost where it stands, m of water, mean of the water that passes: adds up to the pack’s. */
  readonly head: number;
  /**
   * Share of the filter’s flow that goes through the piece, 0–1: as long as water does not mix across between layers
   * that touch, and if it mixed freely. The truth lies between.
   */
  readonly passThrough: number;
  readonly passThroughIfMixed: number;
  /** m/s before the piece. */
  readonly faceVelocity: number;
  /** Time in the bed, and in its pores, s; null when nothing goes through. */
  readonly bedTime: number | null;
  readonly poreTime: number | null;
}

/** Levels of a hang-on-back, m from its lip. */
export interface HangLevel {
  readonly overLip: number;
  readonly beforePack: number;
  /** Lowest rim, tilt counted. */
  readonly rim: number;
  /** rim − beforePack; below 0 it spills. */
  readonly headroom: number;
}

/** Where pump and filter agree. Heads m of water, flows m³/s. */
export interface OperatingPoint {
  readonly flow: number;
  readonly shareOfLabel: number;
  readonly pumpHead: number;
  readonly heads: {
    readonly lift: number;
    readonly hoses: number;
    readonly internal: number;
    readonly sponge: number;
    readonly pack: number;
  };
  readonly level: HangLevel | null;
  /** Share of the flow that goes past the pack over a notch or edge, 0–1. */
  readonly pastShare: number;
  /** How several intakes and outlets share the flow, 0–1 each. */
  readonly branches: { readonly intakes: readonly number[]; readonly outlets: readonly number[] };
  /** In flow order. */
  readonly layers: readonly LayerFlow[];
}

/**
 * Head of the pack alone at any flow, m of water, all of it under water: the curve of a filter’s resistance.
 *
 * @param celsius temperature of the water
 */
export function packHead(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  celsius: number,
): (flow: number) => number {
  const { sponge, body, fluid } = cleanWater(filter, inFlow, celsius);
  return headOf([...sponge, ...body], fluid, Infinity);
}

/** A filter with clean layers as its water meets it. */
export function cleanWater(filter: Filter, inFlow: readonly PlacedLayer[], celsius: number): FilterWater {
  const fluid = fluidAt(celsius);
  return filterWater(
    filter,
    inFlow.map((placed) => layerPaths(placed, fluid)),
    fluid,
  );
}

/**
 * Flow of a filter with clean layers and what every layer does to it.
 *
 * @param inFlow the layers in flow order, measured
 * @param celsius temperature of the water
 * @example operatingPoint(reedBench.filter, placeLayers(reedBench.filter, reedBench.layers), 25) // { shareOfLabel: 0.635 }
 */
export function operatingPoint(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  celsius: number,
): OperatingPoint {
  const water = cleanWater(filter, inFlow, celsius);
  return pointOf(water, findBalance(water));
}

/** All that can be read off a filter at its balance. */
export function pointOf(water: FilterWater, balance: Balance): OperatingPoint {
  const { filter, fluid, line } = water;
  const { spill } = filter;
  const { flow, through, overLip, before } = balance;
  const wetTo = water.wetOnly ? Infinity : balance.wetTo;
  const rim = spill === null ? 0 : rimAboveLip(spill);
  const pumpHead = water.pump.headAt(flow / (1 - (spill?.recirculated ?? 0)));
  const hoses = line === null ? null : hoseShares(line, flow, fluid);
  const alike = (ports: readonly unknown[]): number[] => ports.map(() => 1 / ports.length);
  return {
    flow,
    shareOfLabel: flow / filter.labelFlow,
    pumpHead,
    heads: {
      lift: liftOf(filter),
      hoses: hoses === null ? strainerHead(filter, flow) : hoses.head,
      internal: internalHead(filter, flow),
      sponge: headOf(water.sponge, fluid, Infinity)(flow),
      pack: before - overLip,
    },
    level:
      spill === null
        ? null
        : {
            overLip,
            beforePack: before,
            rim,
            headroom: rim - before,
          },
    pastShare: flow === 0 ? 0 : 1 - through / flow,
    branches: {
      intakes: hoses?.intakes ?? alike(filter.intakes),
      outlets: hoses?.outlets ?? alike(filter.outlets),
    },
    layers: [
      ...water.sponge.flatMap((stack) => stackFlows(stack, flow, flow, fluid, Infinity)),
      ...water.body.flatMap((stack) => stackFlows(stack, through, flow, fluid, wetTo)),
    ],
  };
}

/** What happens in each layer of a chamber at a flow, as shares of the whole filter’s flow. */
function stackFlows(stack: Stack, through: number, whole: number, fluid: Fluid, wetTo: number): LayerFlow[] {
  const wet = wetShares(stack, wetTo);
  const split = splitStack(stack, through, wetTo);
  const share = (flow: number): number => (whole <= 0 ? 0 : Math.min(1, Math.max(0, flow / whole)));
  return stack.layers.map((layer, index) => {
    const mixed = splitAlone(layer, wet[index] ?? 1, through);
    const own = split.own[index] ?? 0;
    return {
      layerId: layer.placed.layer.id,
      head: Math.min(split.lost[index] ?? 0, MAX_PRESSURE) / (fluid.density * GRAVITY),
      passThrough: share(own),
      passThroughIfMixed: share(mixed.own),
      faceVelocity: own / layer.area,
      bedTime: own > 0 ? layer.volume / own : null,
      poreTime: own > 0 ? layer.poreVolume / own : null,
    };
  });
}
