import type { PlacedLayer } from '../layers/placedLayer';
import { wetShare, wetToIn, type Bed, type Beds } from './beds';
import { coefficientAt } from './filterCoefficient';
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

/** What a filter catches just now of each size, for a unit of dirt in the water before it. */
export interface Capture {
  /** Share of what is caught of the water’s dirt by the filter, by size, 0–1. */
  readonly efficiency: Float64Array;
  /** By slice and size, m³/s: flow cleared of that size there. */
  readonly cleared: Float64Array;
  /** Cleared on the open floor, by size, m³/s. */
  readonly floor: Float64Array;
  /** Dirt before each layer and after the last, by layer and size, 0–1 of what comes in with the water. */
  readonly along: Float64Array;
}

/** Room for the answers of {@link captureDirt}, to be used again at every step. */
export const captureOf = (beds: Beds): Capture => ({
  efficiency: new Float64Array(SIZES),
  cleared: new Float64Array(beds.slices * SIZES),
  floor: new Float64Array(SIZES),
  along: new Float64Array((beds.clean.length + 1) * SIZES),
});

/** What does not change from step to step. */
export interface CaptureInput {
  readonly beds: Beds;
  readonly inFlow: readonly PlacedLayer[];
  readonly openFloor: OpenFloor | null;
  /** Speed at which each size sinks, m/s. */
  readonly sinking: readonly number[];
  readonly retention: number;
}

/** Share of the dirt below which none is left: far smaller numbers only cost time. */
const NOTHING = 1e-15;
/** Settlement never takes all: keeps the equivalent coefficient a number. */
const MOST_SETTLED = 0.999;

/**
 * Follows the dirt of every size along the water: through each piece by Iwasaki’s equation slice by slice, beside it
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
  wetTo: number,
  into: Capture,
): void {
  const { beds, inFlow, openFloor, sinking, retention } = input;
  const { efficiency, cleared, floor, along } = into;
  cleared.fill(0);
  floor.fill(0);
  const water = new Float64Array(SIZES).fill(1);
  const piece = new Float64Array(SIZES);
  const gap = new Float64Array(SIZES);
  let passed = flow;
  const layers = inFlow.length;
  let bedAt = 0;
  for (let layer = 0; layer < layers; layer += 1) {
    const stream = streams[layer];
    const placed = inFlow[layer];
    if (stream === undefined || placed === undefined) continue;
    passed = stream.whole;
    if (openFloor?.before === layer && passed > 0)
      for (let size = 0; size < SIZES; size += 1) {
        const share = retention * Math.min(1, (sinking[size]! * openFloor.area) / passed);
        floor[size] = passed * water[size]! * share;
        water[size] = water[size]! * (1 - share);
      }
    along.set(water, layer * SIZES);
    piece.set(water);
    gap.set(water);
    for (; beds.list[bedAt]?.layerAt === layer; bedAt += 1) {
      const bed = beds.list[bedAt];
      if (bed === undefined) break;
      const own = bed.part === 'piece';
      throughBed(
        input,
        bed,
        deposits,
        own ? stream.own : stream.beside,
        wetToIn(placed, wetTo),
        own ? piece : gap,
        cleared,
      );
    }
    if (stream.whole > 0)
      for (let size = 0; size < SIZES; size += 1)
        water[size] = (stream.own * piece[size]! + stream.beside * gap[size]!) / stream.whole;
  }
  // What went over the notch joins what came through the pack.
  const share = flow > 0 ? passed / flow : 0;
  for (let size = 0; size < SIZES; size += 1) {
    const out = share * water[size]! + (1 - share) * spongeOut(input, along, size);
    along[layers * SIZES + size] = out;
    efficiency[size] = 1 - out;
  }
}

/** Dirt in the water that leaves the intake’s sponge for the body, or 1 without one. */
function spongeOut({ inFlow }: CaptureInput, along: Float64Array, size: number): number {
  const first = inFlow.findIndex(({ chamber }) => chamber.where === 'body');
  return first <= 0 ? 1 : along[first * SIZES + size]!;
}

function throughBed(
  { beds, sinking, retention }: CaptureInput,
  bed: Bed,
  deposits: ArrayLike<number>,
  flow: number,
  wetTo: number,
  water: Float64Array,
  cleared: Float64Array,
): void {
  if (flow <= 0) return;
  const coefficients = new Float64Array(SIZES);
  for (let index = 0; index < bed.slices; index += 1) {
    const slice = bed.first + index;
    const wet = wetShare(beds, slice, wetTo);
    if (wet === 0) return;
    const area = beds.area[slice]!;
    if (index === 0 || bed.inward)
      for (let size = 0; size < SIZES; size += 1) {
        const sinks = sinking[size]!;
        coefficients[size] =
          coefficientAt(bed.collector, size, sinks, flow / area) +
          (bed.settles ? settling(retention * Math.min(1, (sinks * area) / flow)) / bed.depth : 0);
      }
    const open = Math.max(0, 1 - deposits[slice]! / bed.ultimate);
    const reach = wet * open * (beds.to[slice]! - beds.from[slice]!);
    for (let size = 0; size < SIZES; size += 1) {
      const before = water[size]!;
      if (before < NOTHING) {
        water[size] = 0;
        continue;
      }
      const taken = before * caughtIn(coefficients[size]! * reach);
      cleared[slice * SIZES + size] = flow * taken;
      water[size] = before - taken;
    }
  }
}

/** 1 − e^(−x), x 0 or more: by its series where the difference would lose figures, and quicker than the exact function. */
const caughtIn = (x: number): number =>
  x < 1e-3 ? x * (1 - (x / 2) * (1 - (x / 3) * (1 - x / 4))) : 1 - Math.exp(-x);

/** The coefficient over a depth of 1 that takes a share. */
const settling = (share: number): number => -Math.log1p(-Math.min(MOST_SETTLED, share));
