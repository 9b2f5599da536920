import { z } from 'zod';
import { bounded, type Bounds } from '../units/bounds';

const side = (what: string): Bounds => ({ what, kind: 'length', min: 0.02, max: 10 });

export const TANK_SHAPE_BOUNDS = {
  length: side('Inside length'),
  width: side('Inside width'),
  height: side('Inside height'),
  diameter: side('Inside diameter'),
  bow: { what: 'Bow', kind: 'length', min: 0, max: 3, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** The inside of a tank, m. A cube is a box of equal sides. `bow` is how far a curved front stands out in the middle. */
export const TankShapeSchema = z.discriminatedUnion('form', [
  z.object({
    form: z.literal('box'),
    length: bounded(TANK_SHAPE_BOUNDS.length),
    width: bounded(TANK_SHAPE_BOUNDS.width),
    height: bounded(TANK_SHAPE_BOUNDS.height),
  }),
  z
    .object({
      form: z.literal('bow'),
      length: bounded(TANK_SHAPE_BOUNDS.length),
      width: bounded(TANK_SHAPE_BOUNDS.width).describe('At the ends, without the bow'),
      bow: bounded(TANK_SHAPE_BOUNDS.bow),
      height: bounded(TANK_SHAPE_BOUNDS.height),
    })
    .refine((shape) => shape.bow <= shape.length / 2, {
      path: ['bow'],
      error:
        'A bow cannot stand out farther than half the length: measure it from the straight line between the corners.',
    }),
  z.object({
    form: z.literal('cylinder'),
    diameter: bounded(TANK_SHAPE_BOUNDS.diameter),
    height: bounded(TANK_SHAPE_BOUNDS.height),
  }),
]);
export type TankShape = z.infer<typeof TankShapeSchema>;

/**
 * Area of the tank's floor, m².
 *
 * @source solid geometry: rectangle, circle, and a circular segment of chord c and rise s,
 *   r = s/2 + c²/8s, area r² acos((r−s)/r) − (r−s)√(2rs−s²).
 */
export function floorArea(shape: TankShape): number {
  switch (shape.form) {
    case 'box':
      return shape.length * shape.width;
    case 'cylinder':
      return (Math.PI / 4) * shape.diameter ** 2;
    case 'bow':
      return shape.length * shape.width + segmentArea(shape.length, shape.bow);
  }
}

function segmentArea(chord: number, rise: number): number {
  if (rise <= 0) return 0;
  const radius = rise / 2 + chord ** 2 / (8 * rise);
  // A rise of half the chord is a half circle; rounding must not take it beyond.
  const cosine = Math.max(-1, (radius - rise) / radius);
  return (
    radius ** 2 * Math.acos(cosine) - (radius - rise) * Math.sqrt(Math.max(0, 2 * radius * rise - rise ** 2))
  );
}
