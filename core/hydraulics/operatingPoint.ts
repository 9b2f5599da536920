import type { Chamber, Filter } from '../filter/filter';
import type { PlacedLayer } from '../pack/placedLayer';
import { columnsOf, layerPaths, shrunk, type LayerPaths } from './columns';
import { fluidAt, GRAVITY, type Fluid } from './fluid';
import { hoseHead, hoseLine, shareOut, type Branch } from './hoseHead';
import { internalHead } from './internalHead';
import { lipHeight } from './lipHeight';
import { pumpCurve } from './pumpHead';
import { solveFalling } from './solve';
import { splitFlow } from './splitFlow';
import { strainerHead } from './strainerHead';
import { drownedWeirFlow } from './weir';
import { rimAboveLip } from './rim';

/** What the water does in one layer. SI. */
export interface LayerFlow {
  readonly layerId: string;
  /** Head lost where it stands, m of water. */
  readonly head: number;
  /**
   * Share of the filter’s flow that goes through the piece, 0–1: as long as water does not mix across between layers
   * that touch, and if it mixed freely. The truth lies between.
   */
  readonly throughShare: number;
  readonly throughIfMixed: number;
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
  /** Share of the flow that goes past the pack over a notch or edge. */
  readonly pastShare: number;
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
  /** How several intakes and outlets share the flow, 0–1 each. */
  readonly branches: { readonly intakes: readonly number[]; readonly outlets: readonly number[] };
  /** In flow order. */
  readonly layers: readonly LayerFlow[];
}

/** Share of the free flow to which the operating point is found. */
const PRECISION = 1e-9;

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
  const fluid = fluidAt(celsius);
  const stacks = stacksOf(filter, inFlow, fluid);
  return (flow) => stacksHead(stacks, flow, fluid, Infinity);
}

/** Layers that touch each other in one chamber. A chamber has several where spacers keep its layers apart. */
interface Stack {
  readonly chamber: Chamber;
  readonly layers: readonly LayerPaths[];
}

/**
 * Flow of a filter and what every layer does to it: pump head = lift + hoses + body + sponge + pack, found in
 * [0, free flow]. In a hang-on-back the pack’s head stands as water before it, part of which may pass over a notch.
 *
 * @param inFlow the layers in flow order, measured
 * @param celsius temperature of the water
 */
export function operatingPoint(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  celsius: number,
): OperatingPoint {
  const fluid = fluidAt(celsius);
  const pump = pumpCurve(filter);
  const line = hoseLine(filter);
  const stacks = stacksOf(filter, inFlow, fluid);
  const sponge = stacks.filter(({ chamber }) => chamber.where === 'intake');
  const body = stacks.filter(({ chamber }) => chamber.where === 'body');
  const stack = stackInBasket(body);
  const sentRound = filter.spill?.sentRound ?? 0;
  const pumped = (flow: number): number => flow / (1 - sentRound);

  const hoses = (flow: number): number =>
    line === null ? strainerHead(filter, flow) : hoseHead(line, flow, fluid);
  const lift = filter.spill?.lipAboveTank ?? 0;
  const before = (flow: number): { head: number; through: number } =>
    filter.spill === null
      ? { head: stacksHead(body, flow, fluid, Infinity), through: flow }
      : hangOnBackHead(filter.spill, body, stack, flow, fluid);
  const excess = (flow: number): number =>
    pump.headAt(pumped(flow)) -
    lift -
    hoses(flow) -
    internalHead(filter, flow) -
    stacksHead(sponge, flow, fluid, Infinity) -
    before(flow).head;

  const most = pump.freeFlow * (1 - sentRound);
  const flow = solveFalling(excess, 0, most, most * PRECISION);
  const packed = before(flow);
  const overLip = filter.spill === null ? 0 : lipHeight(filter.spill, stack, flow);
  const wetTo = filter.spill === null ? Infinity : filter.spill.lipAboveFloor + overLip;
  const rim = filter.spill === null ? 0 : rimAboveLip(filter.spill);
  return {
    flow,
    shareOfLabel: flow / filter.labelFlow,
    pumpHead: pump.headAt(pumped(flow)),
    heads: {
      lift,
      hoses: hoses(flow),
      internal: internalHead(filter, flow),
      sponge: stacksHead(sponge, flow, fluid, Infinity),
      pack: packed.head - overLip,
    },
    level:
      filter.spill === null
        ? null
        : {
            overLip,
            beforePack: packed.head,
            rim,
            headroom: rim - packed.head,
            pastShare: flow === 0 ? 0 : 1 - packed.through / flow,
          },
    branches: branchShares(filter, flow, fluid),
    layers: stacks.flatMap((stack) => {
      const inBody = stack.chamber.where === 'body';
      return stackFlows(stack, inBody ? packed.through : flow, flow, fluid, inBody ? wetTo : Infinity);
    }),
  };
}

function branchShares(filter: Filter, flow: number, fluid: Fluid): OperatingPoint['branches'] {
  const line = hoseLine(filter);
  const alike = (ports: readonly unknown[]): number[] => ports.map(() => 1 / ports.length);
  if (line === null || flow <= 0) return { intakes: alike(filter.intakes), outlets: alike(filter.outlets) };
  const shares = (branches: readonly Branch[]): number[] =>
    shareOut(line.hoses, branches, flow, fluid).flows.map((part) => part / flow);
  return { intakes: shares(line.intakes), outlets: shares(line.outlets) };
}

function stacksOf(filter: Filter, inFlow: readonly PlacedLayer[], fluid: Fluid): Stack[] {
  return filter.chambers.flatMap((chamber) => {
    const runs: LayerPaths[][] = [[]];
    for (const placed of inFlow) {
      if (placed.chamber !== chamber) continue;
      const apart = placed.stage === 'spacer';
      if (apart) runs.push([]);
      runs.at(-1)?.push(layerPaths(placed, fluid));
      if (apart) runs.push([]);
    }
    return runs.filter((layers) => layers.length > 0).map((layers) => ({ chamber, layers }));
  });
}

/** Height before the pack over the lip, m, and the flow that goes through it; the rest passes over the notch. */
function hangOnBackHead(
  spill: NonNullable<Filter['spill']>,
  body: readonly Stack[],
  stack: number,
  flow: number,
  fluid: Fluid,
): { head: number; through: number } {
  const overLip = lipHeight(spill, stack, flow);
  const wetTo = spill.lipAboveFloor + overLip;
  const levelAt = (through: number): number => overLip + stacksHead(body, through, fluid, wetTo);
  const { notch } = spill;
  if (notch === null || flow <= 0) return { head: levelAt(flow), through: flow };
  const past = (level: number): number =>
    drownedWeirFlow(notch.width, level - notch.aboveLip, overLip - notch.aboveLip);
  const through = solveFalling((share) => flow - share - past(levelAt(share)), 0, flow, flow * PRECISION);
  return { head: levelAt(through), through };
}

/** How high the media stand in a basket that is flowed upward, m; media in upright slots never reach the lip. */
const stackInBasket = (body: readonly Stack[]): number =>
  Math.max(
    0,
    ...body
      .filter(({ chamber }) => chamber.way === 'up')
      .flatMap(({ layers }) => layers.map(({ placed }) => placed.measure.to)),
  );

/** Share of each layer under water when it stands up to `wetTo` along an upward chamber. */
function wetShares({ chamber, layers }: Stack, wetTo: number): number[] {
  return layers.map(({ placed: { measure } }) => {
    if (chamber.way !== 'up' || wetTo === Infinity) return 1;
    return Math.min(1, Math.max(0, (wetTo - measure.from) / (measure.to - measure.from)));
  });
}

/** Head of chambers one after the other, m of water. */
function stacksHead(stacks: readonly Stack[], flow: number, fluid: Fluid, wetTo: number): number {
  let pressure = 0;
  for (const stack of stacks) {
    const columns = columnsOf(stack.layers, wetShares(stack, wetTo));
    pressure += splitFlow(
      columns.map((column) => column.resistance),
      flow,
    ).pressure;
  }
  return Math.min(pressure, MOST_PRESSURE) / (fluid.density * GRAVITY);
}

/** A pressure that no small pump reaches, Pa: stands for “nothing goes through”, and stays a number. */
const MOST_PRESSURE = 1e7;

/** What happens in each layer of a chamber at a flow, as shares of the whole filter’s flow. */
function stackFlows(stack: Stack, through: number, whole: number, fluid: Fluid, wetTo: number): LayerFlow[] {
  const wet = wetShares(stack, wetTo);
  const columns = columnsOf(stack.layers, wet);
  const split = splitFlow(
    columns.map((column) => column.resistance),
    through,
  );
  return stack.layers.map((layer, at) => {
    const inColumns = columns.reduce(
      (sum, column, index) => sum + (column.through[at] === true ? (split.flows[index] ?? 0) : 0),
      0,
    );
    const mixed = splitFlow(
      [
        layer.through === null ? null : shrunk(layer.through, layer.cover, wet[at] ?? 1),
        layer.cover < 1 ? shrunk(layer.beside, 1 - layer.cover, wet[at] ?? 1) : null,
      ],
      through,
    );
    const share = (flow: number): number => (whole <= 0 ? 0 : Math.min(1, Math.max(0, flow / whole)));
    const own = layer.through === null ? 0 : inColumns;
    return {
      layerId: layer.placed.layer.id,
      head: Math.min(mixed.pressure, MOST_PRESSURE) / (fluid.density * GRAVITY),
      throughShare: share(own),
      throughIfMixed: share(mixed.flows[0] ?? 0),
      faceVelocity: own / layer.area,
      bedTime: own > 0 ? layer.volume / own : null,
      poreTime: own > 0 ? layer.poreVolume / own : null,
    };
  });
}
