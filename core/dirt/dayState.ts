import { filterWater, findBalance, splitStack } from '../hydraulics/filterWater';
import { fluidAt } from '../hydraulics/fluid';
import { cleanWater, pointOf, type OperatingPoint } from '../hydraulics/operatingPoint';
import { cutBeds, depositsOf, fouledPaths, type Beds, type Deposits } from './beds';
import { captureDirt, captureOf, type LayerStream } from './capture';
import { captureInput } from './captureInput';
import { clearOnDay } from './clearWater';
import { decayAt, USUAL_DIRT } from './dirtNumbers';
import { calibratedInput } from './calibratedInput';
import { cloggingInput, type ForecastInput } from './cloggingInput';
import type { CloggingSimulation } from './cloggingSimulation';
import { withStrainer } from './withStrainer';
import { siltOf, type Silt } from './silt';
import { SIZE_CLASSES, SIZES } from './sizeClasses';

/** Sludge in a slice of a layer: where it lies along the chamber, m, and by size as a share of what fits at most. */
export interface SludgeSlice {
  readonly from: number;
  readonly to: number;
  readonly bySize: readonly number[];
}

/** A filter on one day of its forecast. */
export interface DayState {
  readonly day: number;
  readonly water: OperatingPoint;
  /** By layer, in flow order. */
  readonly sludge: readonly (readonly SludgeSlice[])[];
  readonly silt: Silt;
  /** Suspended solids, all and finer than 100 µm, kg/m³, and the time in which a cloud of fines falls to a tenth, s. */
  readonly clear: { readonly solids: number; readonly fines: number; readonly clearing: number };
  /** Dirt before each layer, and after the last, by size, kg/m³. */
  readonly along: readonly (readonly number[])[];
}

/**
 * A filter as it stands on one day of a simulation: flow, levels and layers from what sits in the media then.
 *
 * @param day a whole day of the simulation
 * @throws RangeError when the simulation was brief and kept no sludge
 */
export function dayState(input: ForecastInput, simulation: CloggingSimulation, day: number): DayState {
  if (simulation.mass.length === 0 && input.layers.length > 0)
    throw new RangeError('A brief simulation keeps no sludge; simulate again without `brief`.');
  const {
    tank,
    own: { filter, inFlow },
    numbers = USUAL_DIRT,
  } = calibratedInput(cloggingInput(input), input.learned ?? null);
  const fluid = fluidAt(tank.temperature);
  const { wetTo } = findBalance(cleanWater(filter, inFlow, tank.temperature));
  const beds = cutBeds(inFlow, fluid, numbers, wetTo);
  const first = day * simulation.slices * SIZES;
  const { sludgeDensity } = numbers;
  const deposits = depositsOf(beds, simulation.mass, sludgeDensity, first);
  const held: Deposits = {
    deposits,
    mass: simulation.mass,
    massFrom: first,
    pressed: simulation.pressed,
    pressedFrom: day * simulation.slices,
    sludgeDensity,
  };
  const open = simulation.strainerOpen[day]!;
  const water = filterWater(
    open === 1 ? filter : withStrainer(filter, open),
    fouledPaths(beds, held),
    fluid,
    true,
  );
  const balance = findBalance(water);
  const streams = inFlow.map((placed): LayerStream => {
    const inBody = placed.chamber.where === 'body';
    const whole = inBody ? balance.through : balance.flow;
    for (const stack of inBody ? water.body : water.sponge) {
      const index = stack.layers.findIndex((layer) => layer.placed === placed);
      if (index === -1) continue;
      const split = splitStack(stack, whole, Infinity);
      return { whole, own: split.own[index]!, beside: split.beside[index]! };
    }
    return { whole, own: 0, beside: whole };
  });
  const capture = captureOf(beds);
  captureDirt(
    captureInput(tank, filter, inFlow, beds, fluid, numbers),
    deposits,
    streams,
    balance.flow,
    capture,
  );
  return {
    day,
    water: pointOf(water, balance),
    clear: clearOnDay(tank, simulation, day),
    sludge: sludgeOf(beds, simulation.mass, first, sludgeDensity),
    silt: siltOf(beds, deposits, sludgeDensity * decayAt(numbers, tank.temperature)),
    along: Array.from({ length: inFlow.length + 1 }, (_, place) =>
      SIZE_CLASSES.map(
        (_size, size) => capture.along[place * SIZES + size]! * simulation.suspended[day * SIZES + size]!,
      ),
    ),
  };
}

function sludgeOf(beds: Beds, mass: Float32Array, first: number, sludgeDensity: number): SludgeSlice[][] {
  const byLayer: SludgeSlice[][] = beds.clean.map(() => []);
  for (const bed of beds.list) {
    if (bed.part === 'gap') continue;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const most = bed.ultimate * sludgeDensity * beds.volume[slice]!;
      byLayer[bed.layerAt]?.push({
        from: beds.from[slice]!,
        to: beds.to[slice]!,
        bySize: SIZE_CLASSES.map((_, size) => mass[first + slice * SIZES + size]! / most),
      });
    }
  }
  return byLayer;
}
