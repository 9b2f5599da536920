import type { Filter } from '../filter/filter';
import { findBalance, type Balance, type FilterWater } from '../hydraulics/filterWater';
import { fluidAt } from '../hydraulics/fluid';
import { cleanWater } from '../hydraulics/operatingPoint';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Visit } from '../pack/visit';
import type { Tank } from '../tank/tank';
import { cutBeds, waysOf, type Beds, type Deposits, type FouledWays } from './beds';
import { captureOf, type Capture, type CaptureInput, type LayerStream } from './capture';
import { captureInput } from './captureInput';
import type { DirtNumbers } from './dirtNumbers';
import { keepsDirt } from './keepsDirt';
import { tabulateDrive, type MarchDrive } from './stepFlowBalance';
import { stackPlan, type StackPlan } from './stackPlan';
import { SIZES } from './sizeClasses';

/** A filter with its layers, measured, and when hands go into it. */
export interface SimulatedFilter {
  readonly filter: Filter;
  readonly inFlow: readonly PlacedLayer[];
  readonly visits: readonly Visit[];
}

/** One filter while it is simulated; typed arrays by slice and size, SI. */
export interface SimulationState {
  readonly filter: Filter;
  readonly inFlow: readonly PlacedLayer[];
  readonly beds: Beds;
  readonly base: FilterWater;
  /** Its stacks as ways side by side, and what the layers take now. */
  readonly sponge: readonly StackPlan[];
  readonly body: readonly StackPlan[];
  readonly ways: FouledWays;
  /** Each layer by itself, as if the water mixed before it. */
  readonly alone: readonly StackPlan[];
  /** Places in flow order of the layers that are there to catch dirt, and of the first in the body. */
  readonly mechanical: readonly number[];
  readonly firstInBody: number;
  readonly capture: Capture;
  readonly input: CaptureInput;
  readonly mass: Float64Array;
  /** Share of every slice’s bed, from its mass. */
  readonly deposits: Float64Array;
  /** The same as it was when the capture was last found. */
  readonly depositsAtCapture: Float64Array;
  /** What sits in the slices, by which the flow is found. */
  readonly held: Deposits;
  /** Greatest pressure on each slice since it was cleaned, Pa. */
  readonly pressed: Float64Array;
  /** The same, as used for the flow found last: the pressures at that flow come after it. */
  readonly pressedAtFlow: Float64Array;
  readonly floorMass: Float64Array;
  readonly caughtBy: Float64Array;
  balance: Balance;
  cleanThrough: number;
  /** Share of the dirt that its mechanical layers keep when clean, 0–1. */
  cleanKept: number;
  readonly streams: LayerStream[];
  drive: MarchDrive;
  /** Share of the strainer that the drive was tabulated for. */
  driveOpen: number;
  leaves: number;
}

/**
 * A filter as it begins: clean, with the flow of its clean pack.
 *
 * @param refine how many times as many slices as usual; for checks of convergence
 */
export function beginState(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  tank: Tank,
  numbers: DirtNumbers,
  refine: number,
): SimulationState {
  const fluid = fluidAt(tank.temperature);
  const clean = cleanWater(filter, inFlow, tank.temperature);
  const balance = findBalance(clean);
  // The water over the lip hardly changes while a filter clogs: what stands under it is cut once.
  const beds = cutBeds(inFlow, fluid, numbers, balance.wetTo, refine);
  const base = { ...clean, wetOnly: true };
  const mass = new Float64Array(beds.slices * SIZES);
  const deposits = new Float64Array(beds.slices);
  const pressed = new Float64Array(beds.slices);
  const pressedAtFlow = new Float64Array(beds.slices);
  const plans = (stacks: FilterWater['body']): StackPlan[] =>
    stacks.map((stack) =>
      stackPlan(
        stack,
        stack.layers.map(({ placed }) => inFlow.indexOf(placed)),
      ),
    );
  return {
    filter,
    inFlow,
    beds,
    base,
    sponge: plans(base.sponge),
    body: plans(base.body),
    ways: waysOf(beds),
    alone: beds.clean.map((clean, place) =>
      stackPlan({ chamber: clean.placed.chamber, layers: [clean] }, [place]),
    ),
    mechanical: inFlow.flatMap((placed, place) => (keepsDirt(placed) ? [place] : [])),
    firstInBody: inFlow.findIndex(({ chamber }) => chamber.where === 'body'),
    capture: captureOf(beds),
    input: captureInput(tank, filter, inFlow, beds, fluid, numbers),
    mass,
    deposits,
    depositsAtCapture: new Float64Array(beds.slices),
    pressed,
    pressedAtFlow,
    held: {
      deposits,
      mass,
      massFrom: 0,
      pressed: pressedAtFlow,
      pressedFrom: 0,
      sludgeDensity: numbers.sludgeDensity,
    },
    floorMass: new Float64Array(SIZES),
    caughtBy: new Float64Array(inFlow.length),
    balance,
    cleanThrough: balance.through,
    cleanKept: NaN,
    streams: inFlow.map(() => ({ whole: 0, own: 0, beside: 0 })),
    drive: tabulateDrive(base),
    driveOpen: 1,
    leaves: 0,
  };
}
