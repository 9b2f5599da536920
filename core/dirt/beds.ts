import type { ChamberShape } from '../filter/chamberShape';
import { volumeBetween, faceArea, isInward } from '../filter/chamberGeometry';
import { GAP_FLOSS, layerPaths, type LayerPaths } from '../hydraulics/columns';
import type { Fluid } from '../hydraulics/fluid';
import { bedSolids } from '../hydraulics/layerResistance';
import { pathIntegrals } from '../hydraulics/pathIntegrals';
import type { Resistance } from '../hydraulics/quadratic';
import { mediumById } from '../media/catalogue';
import type { Geometry } from '../media/geometry';
import { hasRole } from '../media/hasRole';
import type { PlacedLayer } from '../layers/placedLayer';
import { solidsFactor } from '../layers/solidsFactor';
import type { DirtNumbers } from './dirtNumbers';
import { collectorOf, type Collector } from './filterCoefficient';
import { fouledResistance, PER_THREAD, type FouledResistance } from './fouledResistance';
import { SIZES } from './sizeClasses';
import { ultimateDeposit } from './ultimateDeposit';

/** Slices of a bed: fibre clogs in a skin, and wants more of them. */
const SLICES = { fibre: 20, others: 10 } as const;
/** Widths of the first and the last slice, as shares of the mean: dirt sits at the inlet face. */
const FIRST_WIDTH = 0.2;
const LAST_WIDTH = 1.8;
/** Least wetted depth that is sliced, m: a layer that the water only touches neither catches nor holds back. */
const LEAST_WET = 1e-6;

/** A piece of media, or the floss in the gap beside it: what catches dirt. */
export interface Bed {
  /** Place of its layer in flow order. */
  readonly layerAt: number;
  readonly part: 'piece' | 'gap';
  /** First slice, and how many. */
  readonly first: number;
  readonly slices: number;
  readonly collector: Collector;
  readonly resistance: FouledResistance;
  readonly ultimate: number;
  /** Along the flow as far as the water reaches, m. */
  readonly depth: number;
  /** Share of the chamber’s face that it covers, 0–1. */
  readonly share: number;
  /** Open enough for dirt to settle in it. */
  readonly settles: boolean;
  /** The face changes along the flow. */
  readonly inward: boolean;
}

/** All beds of a filter, cut into slices; typed arrays by slice, SI. */
export interface Beds {
  readonly list: readonly Bed[];
  readonly slices: number;
  /** The layers clean, in flow order, as far as the water reaches. */
  readonly clean: readonly LayerPaths[];
  /** Along the chamber, m. */
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** Of the bed, m³, and its face, m². */
  readonly volume: Float64Array;
  readonly area: Float64Array;
  /** ∫dx/A and ∫dx/A² over the whole face of the chamber. */
  readonly linear: Float64Array;
  readonly square: Float64Array;
}

/** What sits in the slices of some beds. */
export interface Deposits {
  /** By slice, share of the bed. */
  readonly deposits: Float64Array;
  /** Dry kg by slice and size. */
  readonly mass: ArrayLike<number>;
  /** Where in `mass` the first slice begins. */
  readonly massFrom: number;
  /** Greatest pressure that each slice has borne since it was cleaned, Pa. */
  readonly pressed: ArrayLike<number>;
  readonly pressedFrom: number;
  /** Dry mass in a m³ of sludge, kg/m³. */
  readonly sludgeDensity: number;
}

/**
 * Cuts the layers of a filter into slices, thin at the inlet face; of a layer that stands out of the water, only the
 * part that is under it.
 *
 * @param wetTo how far up a basket the water reaches, m; Infinity in a closed body
 * @param refine how many times as many slices as usual; for checks of convergence
 */
export function cutBeds(
  inFlow: readonly PlacedLayer[],
  fluid: Fluid,
  numbers: DirtNumbers,
  wetTo = Infinity,
  refine = 1,
): Beds {
  const list: Bed[] = [];
  const clean = inFlow.map((placed) => wetPart(layerPaths(placed, fluid), wetTo));
  let slices = 0;
  const add = (layerAt: number, part: Bed['part'], geometry: Geometry, factor: number): void => {
    const placed = inFlow[layerAt];
    if (placed === undefined) return;
    const depth = wetDepth(placed, wetTo);
    if (depth < LEAST_WET) return;
    const solids = bedSolids(geometry, factor);
    const count = (geometry.form === 'fibre' ? SLICES.fibre : SLICES.others) * refine;
    const cover = clean[layerAt]?.cover ?? 1;
    list.push({
      layerAt,
      part,
      first: slices,
      slices: count,
      collector: collectorOf(geometry, solids, numbers.attachment),
      resistance: fouledResistance(geometry, factor, fluid),
      ultimate: numbers.ultimateFactor * ultimateDeposit(geometry, 1 - solids),
      depth,
      share: part === 'piece' ? cover : 1 - cover,
      settles: part === 'piece' && hasRole(placed.medium, 'settle'),
      inward: isInward(placed.chamber.shape),
    });
    slices += count;
  };
  inFlow.forEach(({ medium, layer }, index) => {
    if (clean[index]?.through !== null) add(index, 'piece', medium.geometry, solidsFactor(medium, layer));
    if (layer.gapFill === 'floss' && (clean[index]?.cover ?? 1) < 1)
      add(index, 'gap', mediumById(GAP_FLOSS).geometry, 1);
  });
  const beds: Beds = {
    list,
    slices,
    clean,
    from: new Float64Array(slices),
    to: new Float64Array(slices),
    volume: new Float64Array(slices),
    area: new Float64Array(slices),
    linear: new Float64Array(slices),
    square: new Float64Array(slices),
  };
  for (const bed of list) {
    const placed = inFlow[bed.layerAt];
    if (placed !== undefined) cutBed(beds, bed, placed.chamber.shape, placed.measure.from);
  }
  return beds;
}

function cutBed(beds: Beds, bed: Bed, shape: ChamberShape, start: number): void {
  let from = start;
  for (let index = 0; index < bed.slices; index += 1) {
    const along = bed.slices === 1 ? 0.5 : index / (bed.slices - 1);
    const width = ((FIRST_WIDTH + (LAST_WIDTH - FIRST_WIDTH) * along) * bed.depth) / bed.slices;
    const to = from + width;
    const slice = bed.first + index;
    const path = pathIntegrals(shape, from, to);
    beds.from[slice] = from;
    beds.to[slice] = to;
    // Media piled past the centre of a sleeve has neither volume nor face left; a hair of both keeps them numbers.
    beds.volume[slice] = Math.max(1e-12, bed.share * volumeBetween(shape, from, to));
    beds.area[slice] = Math.max(1e-6, bed.share * faceArea(shape, (from + to) / 2));
    beds.linear[slice] = path.linear;
    beds.square[slice] = path.square;
    from = to;
  }
}

/** How much of a layer stands under water, m along the flow: only a basket flowed upward has a part above it. */
export function wetDepth({ chamber, measure: { from, to } }: PlacedLayer, wetTo: number): number {
  return chamber.where === 'body' && chamber.way === 'up'
    ? Math.max(0, Math.min(to, wetTo) - from)
    : to - from;
}

/** A layer’s ways for the water as far as they are wet. */
function wetPart(paths: LayerPaths, wetTo: number): LayerPaths {
  const { from, to } = paths.placed.measure;
  const share = wetDepth(paths.placed, wetTo) / (to - from);
  return share === 1
    ? paths
    : {
        ...paths,
        through: paths.through === null ? null : scaled(paths.through, share),
        beside: scaled(paths.beside, share),
        gapEnds: scaled(paths.gapEnds, share),
      };
}

const scaled = ({ linear, square }: Resistance, share: number): Resistance => ({
  linear: linear * share,
  square: square * share,
});

/** Deposit of every slice, share of the bed, from the dry mass of every size in it, kg, `first` the place of the first. */
export function depositsOf(
  beds: Beds,
  mass: ArrayLike<number>,
  sludgeDensity: number,
  first = 0,
): Float64Array {
  const deposits = new Float64Array(beds.slices);
  for (let slice = 0; slice < beds.slices; slice += 1) {
    let sum = 0;
    for (let size = 0; size < SIZES; size += 1) sum += mass[first + slice * SIZES + size]!;
    deposits[slice] = sum / (sludgeDensity * beds.volume[slice]!);
  }
  return deposits;
}

/** Linear part of what a slice takes, Pa/m per m/s, with what sits in it. */
function linearOf(beds: Beds, bed: Bed, slice: number, held: Deposits): number {
  const deposit = held.deposits[slice]!;
  if (!bed.resistance.packs) return bed.resistance.linear(deposit, 0, 0, 0);
  let threads = 0;
  let fine = 0;
  const from = held.massFrom + slice * SIZES;
  for (let size = 0; size < SIZES; size += 1) {
    const part = held.mass[from + size]! * PER_THREAD[size]!;
    threads += part;
    fine += part * PER_THREAD[size]!;
  }
  const room = held.sludgeDensity * beds.volume[slice]!;
  return bed.resistance.linear(deposit, threads / room, fine / room, held.pressed[held.pressedFrom + slice]!);
}

/** The layers as ways for the water with what sits in them; only what stands under water. */
export function fouledPaths(beds: Beds, held: Deposits): LayerPaths[] {
  const paths: LayerPaths[] = [...beds.clean];
  for (const bed of beds.list) {
    const before = paths[bed.layerAt]!;
    let linear = 0;
    let square = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      linear += linearOf(beds, bed, slice, held) * beds.linear[slice]!;
      square += bed.resistance.square(held.deposits[slice]!) * beds.square[slice]!;
    }
    paths[bed.layerAt] =
      bed.part === 'piece'
        ? { ...before, through: { linear, square } }
        : { ...before, beside: { linear, square } };
  }
  return paths;
}

/**
 * Notes for every slice that packs the pressure it bears just now, where that is more than it ever bore: what is lost
 * from the upstream face of its layer to the middle of the slice.
 *
 * @param flow through the bed, m³/s
 * @param pressed greatest pressures by slice, Pa; written here
 */
export function pressBed(beds: Beds, bed: Bed, held: Deposits, flow: number, pressed: Float64Array): void {
  if (!bed.resistance.packs || bed.share <= 0) return;
  let lost = 0;
  const speed = flow / bed.share;
  for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
    const drop = linearOf(beds, bed, slice, held) * beds.linear[slice]! * speed;
    const borne = lost + drop / 2;
    if (borne > pressed[slice]!) pressed[slice] = borne;
    lost += drop;
  }
}
