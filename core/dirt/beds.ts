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
import { captureTable, CLEAN_POINTS, type CaptureTable } from './captureTable';
import { collectorOf } from './filterCoefficient';
import type { Ways } from './stackPlan';
import {
  fouledResistance,
  packedBy,
  PER_THREAD,
  type FouledResistance,
  type Fouling,
} from './fouledResistance';
import { SIZES } from './sizeClasses';
import { ultimateDeposit } from './ultimateDeposit';

/** Slices of a bed: fibre clogs in a skin, and wants most of them. */
const SLICES = { fibre: 20, foam: 16, others: 10 } as const;
/** Widths of the first and the last slice, as shares of the mean: dirt sits at the inlet face. */
const FIRST_WIDTH = 0.1;
const LAST_WIDTH = 1.9;
/**
 * Times as many slices where many simulations are judged together, a range or a search: nine of ten service days move by 1 % at
 * most (calibrated).
 */
export const FEWER_SLICES = 0.7;
/** Least wetted depth that is sliced, m: a layer that the water only touches neither catches nor holds back. */
const MIN_WET = 1e-6;

/** A piece of media, or the floss in the gap beside it: what catches dirt. */
export interface Bed {
  /** Place of its layer in flow order. */
  readonly layerAt: number;
  readonly part: 'piece' | 'gap';
  /** First slice, and how many. */
  readonly first: number;
  readonly slices: number;
  readonly capture: CaptureTable;
  /** Share of touches that stick, 0–1. */
  readonly attachment: number;
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
  /** Greatest pressure on each slice since it was cleaned, Pa. */
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
 * @param refine how many times as many slices as usual; 0: as few as clean media need
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
    if (depth < MIN_WET) return;
    const solids = bedSolids(geometry, factor);
    const inward = isInward(placed.chamber.shape);
    const { form } = geometry;
    const usual = SLICES[form === 'fibre' || form === 'foam' ? form : 'others'];
    // Clean media of an even face are one slice: what passes is e^(−λL) however they are cut.
    const count = refine === 0 && !inward ? 1 : Math.round(usual * (refine === 0 ? 1 : refine));
    const cover = clean[layerAt]?.cover ?? 1;
    const ultimate = ultimateDeposit(geometry, 1 - solids, numbers.ultimateFactor);
    list.push({
      layerAt,
      part,
      first: slices,
      slices: count,
      capture: captureTable(
        collectorOf(geometry, solids, numbers.attachment),
        ultimate,
        refine === 0 ? CLEAN_POINTS : undefined,
      ),
      attachment: numbers.attachment,
      resistance: fouledResistance(geometry, factor, fluid),
      ultimate,
      depth,
      share: part === 'piece' ? cover : 1 - cover,
      settles: part === 'piece' && hasRole(placed.medium, 'settle'),
      inward,
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

/** What every layer and every slice takes now. */
export interface FouledWays extends Ways {
  /** What each slice takes over all of the chamber’s face, Pa at m³/s: clean, and what its dirt adds unpressed. */
  readonly sliceClean: Float64Array;
  readonly sliceAdded: Float64Array;
  /** The same as it is pressed, Pa at m³/s and (m³/s)². */
  readonly sliceLinear: Float64Array;
  readonly sliceSquare: Float64Array;
}

/** The ways of the clean layers, to be written anew by {@link foulSlices} and {@link pressWays}. */
export const waysOf = ({ clean, slices }: Beds): FouledWays => ({
  throughLinear: new Float64Array(clean.map(({ through }) => through?.linear ?? Infinity)),
  throughSquare: new Float64Array(clean.map(({ through }) => through?.square ?? Infinity)),
  besideLinear: new Float64Array(clean.map(({ beside }) => beside.linear)),
  besideSquare: new Float64Array(clean.map(({ beside }) => beside.square)),
  ends: new Float64Array(clean.map(({ gapEnds }) => gapEnds.square)),
  sliceClean: new Float64Array(slices),
  sliceAdded: new Float64Array(slices),
  sliceLinear: new Float64Array(slices),
  sliceSquare: new Float64Array(slices),
});

/** What one slice takes; used again and again. */
const fouling: Fouling = { linear: 0, added: 0, square: 0 };

/** Writes what every slice takes with what sits in it, unpressed; {@link pressWays} comes after it. */
export function foulSlices(beds: Beds, held: Deposits, ways: FouledWays): void {
  const { mass, massFrom, deposits, sludgeDensity } = held;
  const { sliceClean, sliceAdded, sliceSquare } = ways;
  for (const { first, slices, resistance } of beds.list) {
    const { bySize } = resistance;
    for (let slice = first; slice < first + slices; slice += 1) {
      let threads = 0;
      let fine = 0;
      if (bySize) {
        for (let size = 0; size < SIZES; size += 1) {
          const thread = mass[massFrom + slice * SIZES + size]! * PER_THREAD[size]!;
          threads += thread;
          fine += thread * PER_THREAD[size]!;
        }
        const room = sludgeDensity * beds.volume[slice]!;
        threads /= room;
        fine /= room;
      }
      resistance.resist(deposits[slice]!, threads, fine, fouling);
      sliceClean[slice] = fouling.linear * beds.linear[slice]!;
      sliceAdded[slice] = fouling.added * beds.linear[slice]!;
      sliceSquare[slice] = fouling.square * beds.square[slice]!;
    }
  }
}

/** Writes what the layers take as their slices are pressed; only what stands under water. */
export function pressWays(
  { list }: Beds,
  { pressed, pressedFrom }: Pick<Deposits, 'pressed' | 'pressedFrom'>,
  ways: FouledWays,
): void {
  const { sliceClean, sliceAdded, sliceLinear, sliceSquare } = ways;
  for (const { first, slices, resistance, part, layerAt } of list) {
    const { packs } = resistance;
    let linear = 0;
    let square = 0;
    for (let slice = first; slice < first + slices; slice += 1) {
      const packed = packs ? packedBy(pressed[pressedFrom + slice]!) : 1;
      const own = sliceClean[slice]! + sliceAdded[slice]! * packed;
      sliceLinear[slice] = own;
      linear += own;
      square += sliceSquare[slice]!;
    }
    if (part === 'piece') {
      ways.throughLinear[layerAt] = linear;
      ways.throughSquare[layerAt] = square;
    } else {
      ways.besideLinear[layerAt] = linear;
      ways.besideSquare[layerAt] = square;
    }
  }
}

/** The layers as ways for the water with what sits in them; only what stands under water. */
export function fouledPaths(beds: Beds, held: Deposits): LayerPaths[] {
  const ways = waysOf(beds);
  foulSlices(beds, held, ways);
  pressWays(beds, held, ways);
  return beds.clean.map((clean, place) => ({
    ...clean,
    through:
      clean.through === null
        ? null
        : { linear: ways.throughLinear[place]!, square: ways.throughSquare[place]! },
    beside: { linear: ways.besideLinear[place]!, square: ways.besideSquare[place]! },
  }));
}

/**
 * Notes for every slice that packs the pressure on it now, where that is greater than ever before: what is lost
 * from the upstream face of its layer to the middle of the slice, half of its own drop included (with all of it the march
 * does not settle).
 *
 * @param flow through the bed, m³/s
 * @param pressed greatest pressures by slice, Pa; written here
 * @returns true where the pressure on a slice is greater than ever before
 */
export function pressBed(
  bed: Bed,
  { sliceLinear, sliceSquare }: FouledWays,
  flow: number,
  pressed: Float64Array,
): boolean {
  if (!bed.resistance.packs || bed.share <= 0) return false;
  let isMore = false;
  let lost = 0;
  const speed = flow / bed.share;
  for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
    const drop = (sliceLinear[slice]! + sliceSquare[slice]! * speed) * speed;
    const borne = lost + drop / 2;
    if (borne > pressed[slice]!) {
      pressed[slice] = borne;
      isMore = true;
    }
    lost += drop;
  }
  return isMore;
}
