import type { Filter } from '../filter/filter';
import type { LayerPaths } from '../hydraulics/columns';
import { findBalance, type Balance, type FilterWater } from '../hydraulics/filterWater';
import { fluidAt } from '../hydraulics/fluid';
import { cleanWater } from '../hydraulics/operatingPoint';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Visit } from '../pack/visit';
import type { Tank } from '../tank/tank';
import { cutBeds, type Beds, type Deposits } from './beds';
import { captureOf, type Capture, type CaptureInput, type LayerStream } from './capture';
import { captureInput } from './captureInput';
import type { DirtNumbers } from './dirtNumbers';
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
  /** Place in `inFlow` of every layer of every stack. */
  readonly order: { readonly sponge: readonly number[][]; readonly body: readonly number[][] };
  readonly capture: Capture;
  readonly input: CaptureInput;
  readonly mass: Float64Array;
  /** Share of every slice’s bed, from its mass. */
  readonly deposits: Float64Array;
  readonly held: Deposits;
  /** Greatest pressure each slice has borne since it was cleaned, Pa. */
  readonly pressed: Float64Array;
  readonly floorMass: Float64Array;
  readonly caughtBy: Float64Array;
  balance: Balance;
  cleanThrough: number;
  /** Share of the dirt that its mechanical layers keep when clean, 0–1. */
  cleanKept: number;
  streams: LayerStream[];
  paths: readonly LayerPaths[];
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
  const places = (stacks: FilterWater['body']): number[][] =>
    stacks.map(({ layers }) => layers.map(({ placed }) => inFlow.indexOf(placed)));
  return {
    filter,
    inFlow,
    beds,
    base,
    order: { sponge: places(base.sponge), body: places(base.body) },
    capture: captureOf(beds),
    input: captureInput(filter, inFlow, beds, fluid, numbers),
    mass,
    deposits,
    pressed,
    held: { deposits, mass, massFrom: 0, pressed, pressedFrom: 0, sludgeDensity: numbers.sludgeDensity },
    floorMass: new Float64Array(SIZES),
    caughtBy: new Float64Array(inFlow.length),
    balance,
    cleanThrough: balance.through,
    cleanKept: NaN,
    streams: [],
    paths: beds.clean,
    leaves: 0,
  };
}
