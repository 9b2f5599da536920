import { netPumpPressure, mostFlow } from '../hydraulics/drive';
import type { Balance, FilterWater } from '../hydraulics/filterWater';
import { GRAVITY } from '../hydraulics/fluid';
import { lipHeight } from '../hydraulics/lipHeight';
import { bypassFlow } from '../hydraulics/bypassFlow';
import { solveNear } from '../maths/solveFalling';
import type { Filter } from '../filter/filter';
import { rememberedFor } from '../units/rememberedFor';
import { tabulated } from '../maths/tabulated';
import { flowThrough, isFree, stackPressureDrop, type StackPlan } from './stackPlan';

/** Points of a table over the whole range of flows: to within 1e-8 of the function itself. */
const POINTS = 160;
/** The same for the height over a lip: to within 5 µm, where the water begins to cover what narrows it. */
const LIP_POINTS = 60;
/** Share of the greatest flow to which the balance is found. */
const FLOW_TOLERANCE = 1e-10;

/** What does not change of a filter while its media clog: what its pump has left, and the water over its lip. */
export interface MarchDrive {
  readonly most: number;
  /** m of water at a flow to the tank, m³/s. */
  readonly headAt: (flow: number) => number;
  readonly lipAt: (flow: number) => number;
  /** Pa per m of water. */
  readonly weight: number;
}

/** Tables of a filter are kept as long as it is, by what else they hang on: packs that are held against each other share them. */
const drives = rememberedFor((_filter: Filter) => new Map<string, MarchDrive>());

/** Tabulates what a balance asks for again and again. */
export function tabulateDrive(water: FilterWater): MarchDrive {
  const known = drives(water.filter);
  const key = `${water.filter.spill === null ? 0 : water.stackHeight}/${water.fluid.density}/${water.fluid.viscosity}`;
  const drive = known.get(key) ?? tabulatedDrive(water);
  known.set(key, drive);
  return drive;
}

function tabulatedDrive(water: FilterWater): MarchDrive {
  const { spill } = water.filter;
  const most = mostFlow(water);
  return {
    most,
    headAt: tabulated(netPumpPressure(water), most, POINTS),
    lipAt: spill === null ? () => 0 : lipTable(spill, water.stackHeight, most),
    weight: water.fluid.density * GRAVITY,
  };
}

/** The height over a lip goes with the flow to the power of ⅔: as a function of that it has no steep end. */
function lipTable(
  spill: Parameters<typeof lipHeight>[0],
  stackHeight: number,
  most: number,
): (flow: number) => number {
  const table = tabulated(
    (power) => lipHeight(spill, stackHeight, power ** 1.5),
    most ** (2 / 3),
    LIP_POINTS,
  );
  return (flow) => (flow <= 0 ? 0 : table(flow ** (2 / 3)));
}

/**
 * Where pump and filter agree now, beginning from where they agreed a step ago.
 *
 * @param wetTo how far up the water reached when the media were cut, m
 * @source the same equations as findBalance, in the form in which the pack’s flow is given by its pressure.
 */
export function stepFlowBalance(
  { filter }: Pick<FilterWater, 'filter'>,
  drive: MarchDrive,
  sponge: readonly StackPlan[],
  body: readonly StackPlan[],
  near: Balance,
): Balance {
  const { most, headAt, lipAt, weight } = drive;
  const past = bypassFlow(filter);
  const lost = (stacks: readonly StackPlan[], flow: number): number => {
    let sum = 0;
    for (const stack of stacks) sum += stackPressureDrop(stack, flow);
    return sum;
  };
  if (filter.spill === null && past === null) {
    const excess = (flow: number): number => weight * headAt(flow) - lost(sponge, flow) - lost(body, flow);
    const flow = solveNear(excess, 0, most, near.flow, most * FLOW_TOLERANCE);
    return { flow, through: flow, overLip: 0, before: lost(body, flow) / weight, wetTo: near.wetTo };
  }
  let guess = near.through;
  /** Flow that a pressure drives through the body, m³/s. */
  const bodyFlow = (pressure: number): number => {
    if (pressure <= 0) return 0;
    const [only] = body;
    if (only !== undefined && body.length === 1) return flowThrough(only, pressure);
    guess = solveNear((flow) => pressure - lost(body, flow), 0, most, guess, most * FLOW_TOLERANCE);
    return guess;
  };
  const beforeAt = (flow: number): number => headAt(flow) - lost(sponge, flow) / weight;
  if (body.every(isFree)) {
    // Nothing holds the water back: it stands before the pack as high as behind it, and passes no notch.
    const flow = solveNear(
      (value) => beforeAt(value) - lipAt(value),
      0,
      most,
      near.flow,
      most * FLOW_TOLERANCE,
    );
    lost(body, flow);
    return { flow, through: flow, overLip: lipAt(flow), before: lipAt(flow), wetTo: near.wetTo };
  }
  const leftOver = (flow: number): number => {
    const overLip = lipAt(flow);
    const before = beforeAt(flow);
    return Math.min(most, bodyFlow((before - overLip) * weight)) + (past?.(before, overLip) ?? 0) - flow;
  };
  const flow = solveNear(leftOver, 0, most, near.flow, most * FLOW_TOLERANCE);
  const overLip = lipAt(flow);
  const before = Math.max(overLip, beforeAt(flow));
  const through = Math.max(0, flow - (past?.(before, overLip) ?? 0));
  lost(body, through);
  return { flow, through, overLip, before, wetTo: near.wetTo };
}
