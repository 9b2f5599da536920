import type { ChamberShape } from './chamberShape';

/** True when the water goes inward from all sides rather than along the depth. */
export const isInward = (shape: ChamberShape): boolean =>
  shape.form === 'perimeter' || shape.form === 'sleeve';

/** Greatest depth along the flow that the shape can have, m; no limit but its own for straight chambers. */
export function deepest(shape: ChamberShape): number {
  if (shape.form === 'sleeve') return shape.diameter / 2;
  if (shape.form === 'perimeter') return Math.min(shape.length, shape.width) / 2;
  return Infinity;
}

/** The two sides of the face: the one drawings show and the one into the page, m. */
export function faceSides(shape: ChamberShape): { readonly shown: number; readonly into: number } {
  switch (shape.form) {
    case 'box':
      return { shown: shape.length, into: shape.width };
    case 'cylinder':
    case 'annulus':
      return { shown: shape.diameter, into: shape.diameter };
    case 'perimeter':
    case 'sleeve':
      return { shown: shape.height, into: faceArea(shape, 0) / shape.height };
  }
}

/** Area, m², that the water crosses at a distance from the inlet face, m. */
export function faceArea(shape: ChamberShape, index: number): number {
  switch (shape.form) {
    case 'box':
      return shape.length * shape.width;
    case 'cylinder':
      return (Math.PI / 4) * shape.diameter ** 2;
    case 'annulus':
      return (Math.PI / 4) * (shape.diameter ** 2 - shape.bore ** 2);
    case 'perimeter': {
      const inset = Math.min(index, deepest(shape));
      return 2 * shape.height * (shape.length + shape.width - 4 * inset);
    }
    case 'sleeve':
      return 2 * Math.PI * shape.height * radiusWithin(shape, index);
  }
}

/**
 * Volume, m³, of the part of a chamber between two distances from its inlet face, m. Inward shapes end at their
 * centre; a straight chamber has no end here, so that a stack higher than the chamber still has a volume.
 *
 * @source solid geometry: prism, cylinder, tube, and the difference of two of them.
 * @example volumeBetween({ form: 'cylinder', diameter: 0.2 }, 0, 0.1) // 0.00314
 */
export function volumeBetween(shape: ChamberShape, from: number, to: number): number {
  switch (shape.form) {
    case 'box':
    case 'cylinder':
    case 'annulus':
      return faceArea(shape, from) * (to - from);
    case 'perimeter':
      return shape.height * (rectangleWithin(shape, from) - rectangleWithin(shape, to));
    case 'sleeve':
      return Math.PI * shape.height * (radiusWithin(shape, from) ** 2 - radiusWithin(shape, to) ** 2);
  }
}

const radiusWithin = (shape: { diameter: number }, inset: number): number =>
  Math.max(0, shape.diameter / 2 - inset);

const rectangleWithin = (shape: { length: number; width: number }, inset: number): number =>
  Math.max(0, shape.length - 2 * inset) * Math.max(0, shape.width - 2 * inset);
