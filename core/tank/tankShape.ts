import { z } from 'zod';
import { TANK_SHAPE_BOUNDS } from './tankShapeBounds';
import { bounded } from '../units/bounded';

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
        'A bow cannot be deeper than half the length. Measure it from the straight line between the corners.',
    }),
  z.object({
    form: z.literal('cylinder'),
    diameter: bounded(TANK_SHAPE_BOUNDS.diameter),
    height: bounded(TANK_SHAPE_BOUNDS.height),
  }),
]);
export type TankShape = z.infer<typeof TankShapeSchema>;
