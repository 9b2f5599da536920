import type { ChamberShape } from '../filter/chamberShape';
import { volumeBetween, faceArea, isInward } from '../filter/chamberGeometry';
import { GAP_FLOSS, layerPaths, type LayerPaths } from '../hydraulics/columns';
import type { Fluid } from '../hydraulics/fluid';
import { bedSolids, type BedResistance } from '../hydraulics/layerResistance';
import { pathIntegrals } from '../hydraulics/pathIntegrals';
import type { Resistance } from '../hydraulics/quadratic';
import { mediumById } from '../media/catalogue';
import type { Geometry } from '../media/geometry';
import { hasRole } from '../media/hasRole';
import type { PlacedLayer } from '../layers/placedLayer';
import type { DirtNumbers } from './dirtNumbers';
import { collectorOf, type Collector } from './filterCoefficient';
import { fouledResistance } from './fouledResistance';
import { SIZES } from './sizeClasses';
import { ultimateDeposit } from './ultimateDeposit';

/** Slices of a bed: fibre clogs in a skin, and wants more of them. */
const SLICES = { fibre: 20, others: 10 } as const;
/** Widths of the first and the last slice, as shares of the mean: dirt sits at the inlet face. */
const FIRST_WIDTH = 0.2;
const LAST_WIDTH = 1.8;

/** A piece of media, or the floss in the gap beside it: what catches dirt. */
export interface Bed {
  /** Place of its layer in flow order. */
  readonly layerAt: number;
  readonly part: 'piece' | 'gap';
  /** First slice, and how many. */
  readonly first: number;
  readonly slices: number;
  readonly collector: Collector;
  readonly resistanceAt: (deposit: number) => BedResistance;
  readonly ultimate: number;
  /** Along the flow, m. */
  readonly depth: number;
  /** Open enough for dirt to settle in it. */
  readonly settles: boolean;
  /** The face changes along the flow. */
  readonly inward: boolean;
}

/** All beds of a filter, cut into slices; typed arrays by slice, SI. */
export interface Beds {
  readonly list: readonly Bed[];
  readonly slices: number;
  /** The layers clean, in flow order. */
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

/**
 * Cuts the layers of a filter into slices, thin at the inlet face.
 *
 * @param refine how many times as many slices as usual; for checks of convergence
 */
export function cutBeds(
  inFlow: readonly PlacedLayer[],
  fluid: Fluid,
  numbers: DirtNumbers,
  refine = 1,
): Beds {
  const list: Bed[] = [];
  const clean = inFlow.map((placed) => layerPaths(placed, fluid));
  let slices = 0;
  const add = (layerAt: number, part: Bed['part'], geometry: Geometry, compressionRatio: number): void => {
    const placed = inFlow[layerAt];
    if (placed === undefined) return;
    const solids = bedSolids(geometry, compressionRatio);
    const count = (geometry.form === 'fibre' ? SLICES.fibre : SLICES.others) * refine;
    list.push({
      layerAt,
      part,
      first: slices,
      slices: count,
      collector: collectorOf(geometry, solids, numbers.attachment),
      resistanceAt: fouledResistance(geometry, compressionRatio, fluid),
      ultimate: ultimateDeposit(geometry, 1 - solids),
      depth: placed.layer.thickness,
      settles: part === 'piece' && hasRole(placed.medium, 'settle'),
      inward: isInward(placed.chamber.shape),
    });
    slices += count;
  };
  inFlow.forEach(({ medium, layer }, index) => {
    if (clean[index]?.through !== null) add(index, 'piece', medium.geometry, layer.compressionRatio);
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
    const cover = clean[bed.layerAt]?.cover ?? 1;
    if (placed !== undefined)
      cutBed(beds, bed, placed.chamber.shape, placed.measure.from, bed.part === 'piece' ? cover : 1 - cover);
  }
  return beds;
}

/** @param share of the chamber’s face that the bed covers, 0–1 */
function cutBed(beds: Beds, bed: Bed, shape: ChamberShape, start: number, share: number): void {
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
    beds.volume[slice] = Math.max(1e-12, share * volumeBetween(shape, from, to));
    beds.area[slice] = Math.max(1e-6, share * faceArea(shape, (from + to) / 2));
    beds.linear[slice] = path.linear;
    beds.square[slice] = path.square;
    from = to;
  }
}

/** Share of a slice under water, 0–1. */
export function wetShare(beds: Beds, slice: number, wetTo: number): number {
  const [from, to] = [beds.from[slice]!, beds.to[slice]!];
  return wetTo >= to ? 1 : wetTo <= from ? 0 : (wetTo - from) / (to - from);
}

/** How far the water reaches along a layer’s chamber, m: only a basket flowed upward has a part above the water. */
export const wetToIn = ({ chamber }: PlacedLayer, wetTo: number): number =>
  chamber.where === 'body' && chamber.way === 'up' ? wetTo : Infinity;

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

/**
 * The layers as ways for the water with what sits in them; only what stands under water.
 *
 * @param deposits of every slice, share of the bed
 */
export function fouledPaths(beds: Beds, deposits: ArrayLike<number>, wetTo: number): LayerPaths[] {
  const paths = beds.clean.map((clean): LayerPaths => {
    const { placed } = clean;
    const { from, to } = placed.measure;
    const reaches = wetToIn(placed, wetTo);
    const wet = Math.min(1, Math.max(0, (reaches - from) / (to - from)));
    return wet === 1 ? clean : { ...clean, beside: scaled(clean.beside, wet) };
  });
  for (const bed of beds.list) {
    const before = paths[bed.layerAt];
    if (before === undefined) continue;
    const reaches = wetToIn(before.placed, wetTo);
    let linear = 0;
    let square = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const wet = wetShare(beds, slice, reaches);
      if (wet === 0) break;
      const bedAt = bed.resistanceAt(deposits[slice]!);
      linear += wet * bedAt.linear * beds.linear[slice]!;
      square += wet * bedAt.square * beds.square[slice]!;
    }
    paths[bed.layerAt] =
      bed.part === 'piece'
        ? { ...before, through: { linear, square } }
        : { ...before, beside: { linear, square } };
  }
  return paths;
}

const scaled = ({ linear, square }: Resistance, share: number): Resistance => ({
  linear: linear * share,
  square: square * share,
});
