import type { Chamber, Filter } from '../filter/filter';
import { bypassResistance, columnsOf, shrunk, type LayerPaths } from './columns';
import { GRAVITY, type Fluid } from './fluid';
import { netPumpPressure, mostFlow, type DriveParts } from './drive';
import { hoseLine } from './hoseHead';
import { lipHeight } from './lipHeight';
import { pumpCurve } from './pumpHead';
import { pressureAt, type Resistance } from './quadratic';
import { solveFalling } from '../maths/solveFalling';
import { bypassFlow } from './bypassFlow';
import { splitFlow } from './splitFlow';

/** Layers that touch each other in one chamber. A chamber has several where spacers keep its layers apart. */
export interface Stack {
  readonly chamber: Chamber;
  readonly layers: readonly LayerPaths[];
}

/** A filter with its media as a thing that water goes through: all that its balance is found from. */
export interface FilterWater extends DriveParts {
  /** The sponge on the intake, and what is in the body, in flow order. */
  readonly sponge: readonly Stack[];
  readonly body: readonly Stack[];
  /** How high the media stand in a basket that is flowed upward, m. */
  readonly stackHeight: number;
  /**
   * True when the layers’ resistances already are those of the part that stands under water; else the part above
   * the water of a hang-on-back is left out here.
   */
  readonly wetOnly: boolean;
}

/** @param paths the layers in flow order, each measured as a way for the water */
export function filterWater(
  filter: Filter,
  paths: readonly LayerPaths[],
  fluid: Fluid,
  wetOnly = false,
): FilterWater {
  const stacks = stacksOf(filter, paths);
  const body = stacks.filter(({ chamber }) => chamber.where === 'body');
  return {
    filter,
    fluid,
    pump: pumpCurve(filter),
    line: hoseLine(filter),
    sponge: stacks.filter(({ chamber }) => chamber.where === 'intake'),
    body,
    stackHeight: stackInBasket(body),
    wetOnly,
  };
}

/** Where pump and filter agree: flow to the tank and through the pack, m³/s; heights over a lip, m. */
export interface Balance {
  readonly flow: number;
  readonly through: number;
  readonly overLip: number;
  /** Head of the pack; of a hang-on-back the height before it, over the lip. */
  readonly before: number;
  /** How far up a basket its media stand under water, m; Infinity in a closed body. */
  readonly wetTo: number;
}

/** Share of the free flow to which the balance is found. */
const PRECISION = 1e-9;

/**
 * Pump head = lift + hoses + body + sponge + pack, found in [0, free flow]. In a hang-on-back the pack’s head stands
 * as water before it, part of which may pass over a notch.
 */
export function findBalance(water: FilterWater): Balance {
  const most = mostFlow(water);
  const drive = netPumpPressure(water);
  const spongeHead = headOf(water.sponge, water.fluid, Infinity);
  const packed = packBalance(water);
  const excess = (flow: number): number => drive(flow) - spongeHead(flow) - packed(flow).before;
  const flow = solveFalling(excess, 0, most, most * PRECISION);
  return { flow, ...packed(flow) };
}

/** Head of stacks one after the other as a function of the flow, m of water; measured once. */
export function headOf(stacks: readonly Stack[], fluid: Fluid, wetTo: number): (flow: number) => number {
  const ways = stacks.map((stack) => waysOf(stack, wetTo));
  return (flow) => {
    let pressure = 0;
    for (const way of ways) pressure += splitFlow(way, flow).pressure;
    return Math.min(pressure, MAX_PRESSURE) / (fluid.density * GRAVITY);
  };
}

/** A pressure that no small pump reaches, Pa: stands for “nothing goes through”, and stays a number. */
export const MAX_PRESSURE = 1e7;

/** How the flow through a stack shares itself: through each piece, and beside it, m³/s; pressure lost there, Pa. */
export interface StackSplit {
  readonly own: readonly number[];
  readonly beside: readonly number[];
  /** Mean of the water’s columns by what flows in them: adds up to what the stack takes. */
  readonly lost: readonly number[];
}

/** What goes through each piece of a stack and what goes beside it, as long as nothing mixes across. */
export function splitStack(stack: Stack, through: number, wetTo: number): StackSplit {
  const columns = columnsOf(stack.layers, wetShares(stack, wetTo));
  const { flows } = splitFlow(
    columns.map((column) => column.resistance),
    through,
  );
  const own = stack.layers.map((layer, place) =>
    layer.through === null
      ? 0
      : columns.reduce(
          (sum, column, index) => sum + (column.through[place] === true ? (flows[index] ?? 0) : 0),
          0,
        ),
  );
  const lost = stack.layers.map((_, position) =>
    columns.reduce((sum, { parts }, index) => {
      const [part, flow] = [parts[position] ?? null, flows[index] ?? 0];
      return part === null || flow <= 0 ? sum : sum + (pressureAt(part, flow) * flow) / through;
    }, 0),
  );
  return { own, beside: own.map((value) => Math.max(0, through - value)), lost };
}

/** Flow through one piece when the water mixes freely before it, m³/s, and the pressure that both ways lose, Pa. */
export function splitAlone(
  layer: LayerPaths,
  wet: number,
  through: number,
): { readonly own: number; readonly pressure: number } {
  const { flows, pressure } = splitFlow(
    [
      layer.through === null ? null : shrunk(layer.through, layer.cover, wet),
      layer.cover < 1 ? shrunk(bypassResistance(layer, true), 1 - layer.cover, wet) : null,
    ],
    through,
  );
  return { own: flows[0] ?? 0, pressure };
}

/** Share of each layer under water when it stands up to `wetTo` along an upward chamber. */
export function wetShares({ chamber, layers }: Stack, wetTo: number): number[] {
  return layers.map(({ placed: { measure } }) => {
    if (chamber.way !== 'up' || wetTo === Infinity) return 1;
    return Math.min(1, Math.max(0, (wetTo - measure.from) / (measure.to - measure.from)));
  });
}

function stacksOf(filter: Filter, inFlow: readonly LayerPaths[]): Stack[] {
  return filter.chambers.flatMap((chamber) => {
    const runs: LayerPaths[][] = [[]];
    for (const paths of inFlow) {
      if (paths.placed.chamber !== chamber) continue;
      const apart = paths.placed.role === 'spacer';
      if (apart) runs.push([]);
      runs.at(-1)?.push(paths);
      if (apart) runs.push([]);
    }
    return runs.filter((layers) => layers.length > 0).map((layers) => ({ chamber, layers }));
  });
}

/** How high the media stand in a basket that is flowed upward, m; media in upright slots never reach the lip. */
const stackInBasket = (body: readonly Stack[]): number =>
  Math.max(
    0,
    ...body
      .filter(({ chamber }) => chamber.way === 'up')
      .flatMap(({ layers }) => layers.map(({ placed }) => placed.measure.to)),
  );

const waysOf = (stack: Stack, wetTo: number): (Resistance | null)[] =>
  columnsOf(stack.layers, wetShares(stack, wetTo)).map((column) => column.resistance);

type PackBalance = Omit<Balance, 'flow'>;

/**
 * Height before the pack over the lip, m, and the flow that goes through it; the rest passes over a notch or edge. In a
 * body without a lip the height is the head of the pack.
 */
function packBalance({
  filter,
  body,
  fluid,
  stackHeight,
  wetOnly,
}: FilterWater): (flow: number) => PackBalance {
  const { spill } = filter;
  const past = bypassFlow(filter);
  const whole = headOf(body, fluid, Infinity);
  return (flow) => {
    const overLip = spill === null ? 0 : lipHeight(spill, stackHeight, flow);
    const wetTo = spill === null ? Infinity : spill.lipAboveFloor + overLip;
    const head = wetOnly || wetTo >= stackHeight ? whole : headOf(body, fluid, wetTo);
    const levelAt = (through: number): number => overLip + head(through);
    if (past === null || flow <= 0) return { through: flow, overLip, before: levelAt(flow), wetTo };
    const left = (through: number): number => flow - through - past(levelAt(through), overLip);
    const through = solveFalling(left, 0, flow, flow * PRECISION);
    return { through, overLip, before: levelAt(through), wetTo };
  };
}
