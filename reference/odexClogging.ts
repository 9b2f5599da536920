import { arrivalOf } from '@/core/dirt/arrival';
import { decayAt, type DirtNumbers } from '@/core/dirt/dirtNumbers';
import { dirtProduction } from '@/core/dirt/dirtProduction';
import { coefficientAt, collectorOf, sizeCoefficient } from '@/core/dirt/filterCoefficient';
import { settlingRates } from '@/core/dirt/massBalance';
import { settlingSpeed } from '@/core/dirt/settlingSpeed';
import { SIZE_CLASSES } from '@/core/dirt/sizeClasses';
import type { Filter } from '@/core/filter/filter';
import { netPumpPressure } from '@/core/hydraulics/drive';
import { filterWater } from '@/core/hydraulics/filterWater';
import { fluidAt } from '@/core/hydraulics/fluid';
import type { PlacedLayer } from '@/core/layers/placedLayer';
import { bedGeometry } from '@/core/media/bedGeometry';
import { netVolume } from '@/core/tank/netVolume';
import type { Tank } from '@/core/tank/tank';
import { DAY } from '@/core/units/time';
import { Solver } from './odexSolver';

/* The numbers of the model, written down a second time. */
const LOOSENESS = { foam: 5, fibre: 1 } as const;
const CLOSED_AT_MOST = { foam: 0.9, fibre: 0.5 } as const;
const PACKING_PRESSURE = 100;
const MIN_THREAD = 60e-6;
const WEIGHT = 9.80665;

/**
 * Flow through one layer of foam or fibre that covers the only chamber of a canister, m³/s, on some days: the equations of
 * the clogging simulation written down a second time, without tables, and solved by odex for all slices and sizes at once.
 * What was pressed stays so: the greatest pressures are noted at the end of every window.
 *
 * @param slices as many as the simulation cuts, with widths from `narrow` to 2 − `narrow` of the mean
 */
export function odexClogging(
  { tank, filter, placed }: { tank: Tank; filter: Filter; placed: PlacedLayer },
  numbers: DirtNumbers,
  slices: number,
  narrow: number,
  days: readonly number[],
  tolerance: number,
): number[] {
  const { geometry } = placed.medium;
  const { shape } = placed.chamber;
  if ((geometry.form !== 'foam' && geometry.form !== 'fibre') || shape.form !== 'box')
    throw new Error('Foam or fibre in a box.');
  const { form } = geometry;
  const fluid = fluidAt(tank.temperature);
  const area = shape.length * shape.width;
  const depth = placed.measure.to - placed.measure.from;
  const widths = Array.from(
    { length: slices },
    (_, slice) => ((narrow + (2 - 2 * narrow) * (slice / (slices - 1))) * depth) / slices,
  );
  const { porosity, specificSurface, solidSize } = bedGeometry(geometry);
  const solids = 1 - porosity;
  const ultimate = (CLOSED_AT_MOST[form] * porosity) / LOOSENESS[form];
  const collector = collectorOf(geometry, solids, numbers.attachment);
  const arrives = arrivalOf(tank, filter);
  const sinking = SIZE_CLASSES.map(({ diameter }) => settlingSpeed(diameter, fluid));
  const threads = SIZE_CLASSES.map(({ diameter }) => 1 / Math.max(MIN_THREAD, (2 / 3) * diameter));
  const volume = netVolume(tank.water).value;
  const made = dirtProduction(tank, numbers);
  const settles = settlingRates(tank, volume, numbers.settlingFactor);
  const decay = decayAt(numbers, tank.temperature);
  const drive = netPumpPressure(filterWater(filter, [], fluid));
  const sizes = SIZE_CLASSES.length;

  const hydraulicDiameter = (4 * porosity) / specificSurface;
  const clean =
    form === 'foam'
      ? {
          linear: (110 * fluid.viscosity) / (porosity * hydraulicDiameter ** 2),
          square: (1.45 * fluid.density) / (porosity ** 2 * hydraulicDiameter),
        }
      : {
          linear: (64 * fluid.viscosity * solids ** 1.5 * (1 + 56 * solids ** 3)) / solidSize ** 2,
          square: 0,
        };
  /** Linear part unpressed, and square part, Pa/m at m/s. */
  const fouled = (bySize: readonly number[]): Way => {
    const sum = bySize.reduce((all, part) => all + part, 0);
    if (form === 'foam') {
      const closed = (porosity / (porosity - LOOSENESS.foam * sum)) ** 3;
      return { linear: clean.linear * closed, square: clean.square * closed };
    }
    const coarse = bySize.reduce((all, part, size) => all + part * threads[size]!, 0);
    const fine = bySize.reduce((all, part, size) => all + part * threads[size]! ** 2, 0);
    const linear =
      64 *
      fluid.viscosity *
      Math.sqrt(solids / solidSize ** 2 + fine) *
      (solids / solidSize + coarse) *
      (1 + 56 * (solids + sum) ** 3);
    return { linear, square: 0 };
  };
  /** Greatest pressure that each slice has borne, Pa. */
  const pressed = widths.map(() => 0);
  /** Pressure over the layer at a flow, Pa: every slice is pressed by what is lost up to its middle. */
  const lost = (ways: readonly Way[], flow: number, isNoted = false): number => {
    const speed = flow / area;
    let before = 0;
    for (const [slice, way] of ways.entries()) {
      const added = (way.linear - clean.linear) * speed * widths[slice]!;
      const rest = (clean.linear + way.square * speed) * speed * widths[slice]!;
      // drop = rest + added·(1 + p/p_a) with p = before + drop/2, solved for the drop.
      const share = added / (2 * PACKING_PRESSURE);
      if (share >= 1) return Infinity;
      const drop = (rest + added * (1 + before / PACKING_PRESSURE)) / (1 - share);
      const bears = before + drop / 2;
      before += bears > pressed[slice]! ? drop : rest + added * (1 + pressed[slice]! / PACKING_PRESSURE);
      if (isNoted) pressed[slice] = Math.max(pressed[slice]!, bears);
    }
    return before;
  };
  const flowAt = (ways: readonly Way[]): number => {
    let [low, high] = [0, filter.labelFlow];
    for (let step = 0; step < 60; step += 1) {
      const flow = (low + high) / 2;
      if (drive(flow) * fluid.density * WEIGHT > lost(ways, flow)) low = flow;
      else high = flow;
    }
    return (low + high) / 2;
  };
  const depositsOf = (state: readonly number[]): number[][] =>
    widths.map((width, slice) =>
      SIZE_CLASSES.map(
        (_, size) => state[slice * sizes + size]! / (numbers.sludgeDensity * area * width) / GRAM,
      ),
    );
  const slope = (_: number, state: number[]): number[] => {
    const deposits = depositsOf(state);
    const flow = flowAt(deposits.map(fouled));
    const gains = new Array<number>(state.length).fill(0);
    SIZE_CLASSES.forEach(({ diameter }, size) => {
      let passing = arrives[size]!;
      for (const [slice, width] of widths.entries()) {
        const deposit = deposits[slice]!.reduce((all, part) => all + part, 0);
        const coefficient =
          coefficientAt(sizeCoefficient(collector, deposit, diameter), sinking[size]!, flow / area) *
          Math.max(0, 1 - deposit / ultimate);
        const taken = passing * -Math.expm1(-coefficient * width);
        gains[slice * sizes + size] = flow * taken * DAY;
        passing -= taken;
      }
      const cleared = widths.reduce((all, _width, slice) => all + gains[slice * sizes + size]!, 0);
      const suspended = made[size]! / (cleared + settles[size]! * volume);
      for (let slice = 0; slice < slices; slice += 1) gains[slice * sizes + size]! *= suspended * GRAM;
    });
    return gains.map((gain, index) => gain - decay * state[index]!);
  };
  const solver = new Solver(slices * sizes);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  solver.maxSteps = 100_000;
  let state: readonly number[] = new Array<number>(slices * sizes).fill(0);
  let from = 0;
  return days.map((day) => {
    for (; from < day; from += WINDOW) {
      state = solver.solve(slope, from, state, from + WINDOW).y;
      const ways = depositsOf(state).map(fouled);
      lost(ways, flowAt(ways), true);
    }
    return flowAt(depositsOf(state).map(fouled));
  });
}

/** What a slice takes: unpressed, Pa/m at m/s and (m/s)². */
interface Way {
  readonly linear: number;
  readonly square: number;
}

/** Days after which the greatest pressures are noted. */
const WINDOW = 0.25;
/** Grams in a kg: so that one absolute tolerance fits. */
const GRAM = 1e3;
