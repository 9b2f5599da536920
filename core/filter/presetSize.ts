import { MILLIMETRE } from '../units/siFactors';
import type { ChamberShape } from './chamberShape';
import type { UnplacedChamber } from './chamberLayout';
import type { OpenEdge } from './openEdge';
import type { Spill } from './spill';
import { HOUR } from '../units/time';

/** Generic sizes in which a kind is met; `middle` is what the presets are drawn in. */
export const PRESET_SIZES = ['small', 'middle', 'large'] as const;
export type PresetSize = (typeof PRESET_SIZES)[number];

/** How much longer the sides of a size are than those of the middle one (common practice, no source). */
const SIDE_FACTOR: Readonly<Record<PresetSize, number>> = { small: 0.75, middle: 1, large: 1.3 };

const TEN_LITRES_PER_HOUR = 1e-2 / HOUR;

const toStep = (value: number, step: number): number => Math.round(value / step) * step;
const side = (value: number, size: PresetSize): number =>
  // Adding and rounding once more takes off the tail that floating point leaves: 0.143, not 0.14300000000000002.
  Number(toStep(value * SIDE_FACTOR[size], MILLIMETRE).toFixed(3));

/** A preset’s chamber in another size, every side to the millimetre. */
export function sizedChamber(chamber: UnplacedChamber, size: PresetSize): UnplacedChamber {
  return {
    ...chamber,
    shape: sizedShape(chamber.shape, size),
    depth: side(chamber.depth, size),
    stop: chamber.stop === null ? null : side(chamber.stop, size),
    upperStop: chamber.upperStop === null ? null : side(chamber.upperStop, size),
  };
}

function sizedShape(shape: ChamberShape, size: PresetSize): ChamberShape {
  switch (shape.form) {
    case 'box':
      return { ...shape, length: side(shape.length, size), width: side(shape.width, size) };
    case 'cylinder':
      return { ...shape, diameter: side(shape.diameter, size) };
    case 'annulus':
      return { ...shape, diameter: side(shape.diameter, size), bore: side(shape.bore, size) };
    case 'perimeter':
      return {
        ...shape,
        length: side(shape.length, size),
        width: side(shape.width, size),
        height: side(shape.height, size),
      };
    case 'sleeve':
      return { ...shape, diameter: side(shape.diameter, size), height: side(shape.height, size) };
  }
}

/** Lip and rim of a preset in another size; the rim over the lip does not grow with the body. */
export const sizedSpill = (spill: Spill | null, size: PresetSize): Spill | null =>
  spill === null
    ? null
    : {
        ...spill,
        lipAboveFloor: side(spill.lipAboveFloor, size),
        lipWidth: side(spill.lipWidth, size),
        hangerToBack: side(spill.hangerToBack, size),
        notch: spill.notch === null ? null : { ...spill.notch, width: side(spill.notch.width, size) },
      };

/** The top edge of a preset’s dividers in another size: it stays at the water. */
export const sizedEdge = (edge: OpenEdge, size: PresetSize): OpenEdge => ({
  ...edge,
  width: side(edge.width, size),
});

/** Label flow of a preset in another size, m³/s to ten litres an hour: it grows with the face, not with the room. */
export const sizedFlow = (flow: number, size: PresetSize): number =>
  toStep(flow * SIDE_FACTOR[size] ** 2, TEN_LITRES_PER_HOUR);
