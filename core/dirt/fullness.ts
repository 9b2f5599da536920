import type { SimulationState } from './simulationState';
import { SIZE_CLASSES, SIZES } from './sizeClasses';

/** Mean share of its ultimate deposit at which a layer is full: it catches little more and hands its dirt on (calibrated). */
export const FULL_SHARE = 0.8;
/** Share of the dirt kept when clean below which the mechanical layers together are full (calibrated). */
export const MECHANICAL_FULL_SHARE = 0.5;
/**
 * Mean share of its ultimate deposit at which a sponge that hangs in the tank looks brown (calibrated: keepers squeeze it by
 * eye every two to four weeks, long before the flow falls).
 */
export const BROWN_SHARE = 0.6;
/** Share of its clean flow through its own face below which floss is used up (calibrated). */
export const USED_UP_SHARE = 0.25;
/** Dirt that is seen: sizes from here on count for what the mechanical layers keep, m (calibrated). */
const MIN_VISIBLE_DIAMETER = 70e-6;
/** Stands in for a size of which there is nothing, kg/m³: too little to move a share. */
const NO_DIRT = 1e-200;

/** Mean deposit of each layer as a share of what fits at most, 0–1, by place in flow order; 0 for what catches nothing. */
export function fullness({ beds, deposits }: Pick<SimulationState, 'beds' | 'deposits'>): Float64Array {
  const held = new Float64Array(beds.clean.length);
  const fits = new Float64Array(beds.clean.length);
  for (const bed of beds.list) {
    if (bed.part === 'gap') continue;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      held[bed.layerAt] = held[bed.layerAt]! + deposits[slice]! * beds.volume[slice]!;
      fits[bed.layerAt] = fits[bed.layerAt]! + bed.ultimate * beds.volume[slice]!;
    }
  }
  return held.map((value, place) => (fits[place] === 0 ? 0 : value / fits[place]!));
}

/**
 * Share of the dirt of 70 µm and more in the water that goes into the body which its mechanical layers keep, 0–1;
 * NaN where there are none.
 *
 * @param waters suspended solids of the tank by size, kg/m³
 */
export function keptShare(
  { capture, mechanical, firstInBody, balance }: SimulationState,
  waters: Float64Array,
): number {
  if (mechanical.length === 0 || balance.through <= 0) return NaN;
  let comes = 0;
  let kept = 0;
  for (let size = 0; size < SIZES; size += 1) {
    if (SIZE_CLASSES[size]!.diameter < MIN_VISIBLE_DIAMETER) continue;
    const amount = Math.max(waters[size]!, NO_DIRT);
    comes += amount * balance.through * capture.along[firstInBody * SIZES + size]!;
    for (const place of mechanical) kept += amount * capture.byLayer[place * SIZES + size]!;
  }
  return comes > 0 ? kept / comes : NaN;
}

/** Least share of what fits that is still free in the sponge of an internal filter, 0–1; NaN for all other filters. */
export const spongeRoom = (
  { filter, mechanical }: Pick<SimulationState, 'filter' | 'mechanical'>,
  full: Float64Array,
): number =>
  filter.kind === 'internal-sponge'
    ? mechanical.reduce((least, place) => Math.min(least, 1 - full[place]!), 1)
    : NaN;
