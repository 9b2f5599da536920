import type { PlacedLayer } from '../layers/placedLayer';
import type { Bed, Beds } from './beds';
import { captureFraction } from './captureFraction';
import { placeIn, tableCoefficient, TABLE_NUMBERS, TABLE_ROW, type TablePlace } from './captureTable';
import { MIN_SPEED } from './filterCoefficient';
import { SIZES } from './sizeClasses';

/** How the water of a filter goes just now, m³/s: the layers in flow order, each with what goes through its beds. */
export interface LayerStream {
  /** All that passes the layer, through it and beside it. */
  readonly whole: number;
  readonly own: number;
  readonly beside: number;
}

/** The open floor of an up-flow body, where heavy dirt drops out before the trays; area m², null where there is none. */
export interface OpenFloor {
  readonly area: number;
  /** Layer before which the water passes it. */
  readonly before: number;
}

/** What a filter catches just now of each size, for a unit of dirt in the tank. */
export interface Capture {
  /** By slice and size, m³/s: flow cleared of that size there. */
  readonly cleared: Float64Array;
  /** By layer and size, m³/s: cleared by its piece and by floss beside it. */
  readonly byLayer: Float64Array;
  /** Cleared on the open floor, by size, m³/s. */
  readonly floor: Float64Array;
  /** Cleared by all of the filter, by size, m³/s: the sum of layers and floor. */
  readonly whole: Float64Array;
  /** Dirt before each layer and after the last, by layer and size, as a share of the tank’s mean. */
  readonly along: Float64Array;
  /** By slice, as all sizes meet it: its place in the table of its bed, the depth that still catches, and its slowness. */
  readonly met: SlicesMet;
}

/** What all sizes of dirt meet in a slice alike; typed arrays by slice. */
interface SlicesMet {
  /** Where its point of the table begins, and how far on to the next it lies, 0–1. */
  readonly row: Int32Array;
  readonly part: Float64Array;
  /** Depth times the share that still sticks, m; and one over the speed of the water before it, s/m. */
  readonly reach: Float64Array;
  readonly slow: Float64Array;
}

/** Room for the answers of {@link captureDirt}, to be used again at every step. */
export const captureOf = (beds: Beds): Capture => ({
  cleared: new Float64Array(beds.slices * SIZES),
  byLayer: new Float64Array(beds.clean.length * SIZES),
  floor: new Float64Array(SIZES),
  whole: new Float64Array(SIZES),
  along: new Float64Array((beds.clean.length + 1) * SIZES),
  met: {
    row: new Int32Array(beds.slices),
    part: new Float64Array(beds.slices),
    reach: new Float64Array(beds.slices),
    slow: new Float64Array(beds.slices),
  },
});

/** What does not change from step to step. */
export interface CaptureInput {
  readonly beds: Beds;
  readonly inFlow: readonly PlacedLayer[];
  readonly openFloor: OpenFloor | null;
  /** Speed at which each size sinks, m/s. */
  readonly sinking: Float64Array;
  readonly retention: number;
  /** Dirt of each size in the water that comes in, as a multiple of the tank’s mean. */
  readonly arrives: readonly number[];
}

/** Share of the dirt below which none is left: far smaller numbers only cost time. */
const NEGLIGIBLE_SHARE = 1e-10;
/** Settlement never takes all: keeps the equivalent coefficient a number. */
const MAX_SETTLED = 0.999;

/** Of the water on its way, and of one slice; used again and again. */
const water = new Float64Array(SIZES);
const piece = new Float64Array(SIZES);
const gap = new Float64Array(SIZES);
const place: TablePlace = { point: 0, part: 0 };

/**
 * Follows the dirt of every size in flow order: through each piece by Iwasaki’s equation slice by slice, beside it
 * untouched or through the floss in the gap; mixed again before the next layer.
 *
 * @param deposits of every slice, share of the bed
 * @param flow m³/s that the pump takes from the tank; what of it passes a notch is not in `streams`
 * @param into answers are written here
 * @source Iwasaki 1937 with the ultimate deposit; Hazen 1904 for settlement, min(1, v_s·A/Q) × retention.
 */
export function captureDirt(
  input: CaptureInput,
  deposits: ArrayLike<number>,
  streams: readonly LayerStream[],
  flow: number,
  into: Capture,
): void {
  const { beds, inFlow, openFloor, sinking, retention, arrives } = input;
  const { cleared, byLayer, floor, whole, along } = into;
  cleared.fill(0);
  byLayer.fill(0);
  floor.fill(0);
  whole.fill(0);
  water.set(arrives);
  let passed = flow;
  const layers = inFlow.length;
  let bedAt = 0;
  for (let layer = 0; layer < layers; layer += 1) {
    const stream = streams[layer];
    if (stream === undefined) continue;
    passed = stream.whole;
    if (openFloor?.before === layer && passed > 0)
      for (let size = 0; size < SIZES; size += 1) {
        const share = retention * Math.min(1, (sinking[size]! * openFloor.area) / passed);
        floor[size] = passed * water[size]! * share;
        whole[size] = whole[size]! + floor[size]!;
        water[size] = water[size]! * (1 - share);
      }
    for (let size = 0; size < SIZES; size += 1) {
      along[layer * SIZES + size] = water[size]!;
      piece[size] = water[size]!;
      gap[size] = water[size]!;
    }
    for (; beds.list[bedAt]?.layerAt === layer; bedAt += 1) {
      const bed = beds.list[bedAt]!;
      const own = bed.part === 'piece';
      throughBed(input, bed, deposits, own ? stream.own : stream.beside, own ? piece : gap, into);
    }
    if (stream.whole > 0)
      for (let size = 0; size < SIZES; size += 1)
        water[size] = (stream.own * piece[size]! + stream.beside * gap[size]!) / stream.whole;
  }
  // What went over the notch joins what came through the pack.
  const share = flow > 0 ? passed / flow : 0;
  for (let size = 0; size < SIZES; size += 1)
    along[layers * SIZES + size] = share * water[size]! + (1 - share) * spongeOut(input, along, size);
}

/** Dirt in the water that leaves the intake’s sponge for the body; what came in, without one. */
function spongeOut({ inFlow, arrives }: CaptureInput, along: Float64Array, size: number): number {
  const first = inFlow.findIndex(({ chamber }) => chamber.where === 'body');
  return first <= 0 ? arrives[size]! : along[first * SIZES + size]!;
}

/** Size by size, so that what is left of one stays at hand: this loop is where a simulation spends its time. */
function throughBed(
  { beds, sinking, retention }: CaptureInput,
  bed: Bed,
  deposits: ArrayLike<number>,
  flow: number,
  passing: Float64Array,
  { cleared, byLayer, whole, met }: Capture,
): void {
  if (flow <= 0) return;
  const { first, slices, settles, capture, attachment, layerAt } = bed;
  const { row, part, reach, slow } = met;
  const { values } = capture;
  const end = first + slices;
  meetSlices(beds, bed, deposits, flow, met);
  for (let size = 0; size < SIZES; size += 1) {
    const came = passing[size]!;
    const sinks = sinking[size]!;
    // Rings and balls stand in straight chambers: the face is the same all along.
    const settled = settles
      ? settling(retention * Math.min(1, (sinks * beds.area[first]!) / flow)) / bed.depth
      : 0;
    const column = size * TABLE_NUMBERS;
    let left = came;
    for (let slice = first; slice < end && left >= NEGLIGIBLE_SHARE; slice += 1) {
      const coefficient =
        tableCoefficient(values, row[slice]! + column, part[slice]!, sinks * slow[slice]!, attachment) +
        settled;
      const taken = left * captureFraction(coefficient * reach[slice]!);
      cleared[slice * SIZES + size] = flow * taken;
      left -= taken;
    }
    passing[size] = left;
    const here = flow * (came - left);
    byLayer[layerAt * SIZES + size] = byLayer[layerAt * SIZES + size]! + here;
    whole[size] = whole[size]! + here;
  }
}

/** What all sizes meet alike in the slices of a bed. */
function meetSlices(
  { area, from, to }: Beds,
  { first, slices, ultimate, capture }: Bed,
  deposits: ArrayLike<number>,
  flow: number,
  { row, part, reach, slow }: SlicesMet,
): void {
  for (let slice = first; slice < first + slices; slice += 1) {
    const deposit = deposits[slice]!;
    const face = area[slice]!;
    placeIn(capture, deposit, place);
    row[slice] = place.point * TABLE_ROW;
    part[slice] = place.part;
    reach[slice] = Math.max(0, 1 - deposit / ultimate) * (to[slice]! - from[slice]!);
    slow[slice] = face / Math.max(flow, MIN_SPEED * face);
  }
}

/** The coefficient over a depth of 1 that takes a share. */
const settling = (share: number): number => -Math.log1p(-Math.min(MAX_SETTLED, share));
