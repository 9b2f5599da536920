import { volumeBetween } from './chamberGeometry';
import { MAX_SIDE } from './chamberBounds';
import type { ChamberShape } from './chamberShape';

/**
 * The cross-section of a chamber that holds a volume at a depth, its sides in the proportion that they have: where the
 * litres of a tray are known and its sides are not. A centre pipe stays as wide as it is.
 *
 * @param shape straight: box, cylinder or annulus
 * @param depth along the flow, m
 * @param volume m³
 * @returns null for a shape that the water crosses inward, whose volume does not go with its sides
 * @source plane geometry
 * @example scaleToVolume({ form: 'box', length: 0.2, width: 0.2 }, 0.1, 1e-3) // { form: 'box', length: 0.1, width: 0.1 }
 */
export function scaleToVolume(shape: ChamberShape, depth: number, volume: number): ChamberShape | null {
  switch (shape.form) {
    case 'box': {
      const ratio = Math.sqrt(volume / volumeBetween(shape, 0, depth));
      return { ...shape, length: ratio * shape.length, width: ratio * shape.width };
    }
    case 'cylinder':
      return { ...shape, diameter: diameterOf(volume / depth) };
    case 'annulus':
      return { ...shape, diameter: diameterOf(volume / depth + (Math.PI / 4) * shape.bore ** 2) };
    case 'perimeter':
    case 'sleeve':
      return null;
  }
}

/** The most that a chamber of this shape can be made to hold at a depth, m³: its longest side is then as long as may be. */
export function mostVolume(shape: ChamberShape, depth: number): number {
  if (shape.form === 'box')
    return volumeBetween(shape, 0, depth) * (MAX_SIDE / Math.max(shape.length, shape.width)) ** 2;
  const bore = shape.form === 'annulus' ? shape.bore : 0;
  return (Math.PI / 4) * (MAX_SIDE ** 2 - bore ** 2) * depth;
}

const diameterOf = (area: number): number => Math.sqrt((4 / Math.PI) * area);
