import { z } from 'zod';
import { CHAMBER_BOUNDS } from './chamberBounds';
import { bounded } from '../units/bounded';

/**
 * The cross-section of a chamber, inside, m. Depth along the flow belongs to the chamber.
 * In box, cylinder and annulus the water goes straight along the depth; in perimeter and sleeve it goes inward
 * from all sides, and the depth is the thickness of the wall of media. `length` is the side that drawings show.
 */
export const ChamberShapeSchema = z.discriminatedUnion('form', [
  z.object({
    form: z.literal('box'),
    length: bounded(CHAMBER_BOUNDS.length),
    width: bounded(CHAMBER_BOUNDS.width),
  }),
  z.object({ form: z.literal('cylinder'), diameter: bounded(CHAMBER_BOUNDS.diameter) }),
  z
    .object({
      form: z.literal('annulus'),
      diameter: bounded(CHAMBER_BOUNDS.diameter),
      bore: bounded(CHAMBER_BOUNDS.bore),
    })
    .refine((shape) => shape.bore < shape.diameter, {
      path: ['bore'],
      error: 'The centre pipe must be narrower than the tray around it.',
    }),
  z.object({
    form: z.literal('perimeter'),
    length: bounded(CHAMBER_BOUNDS.length),
    width: bounded(CHAMBER_BOUNDS.width),
    height: bounded(CHAMBER_BOUNDS.height),
  }),
  z.object({
    form: z.literal('sleeve'),
    diameter: bounded(CHAMBER_BOUNDS.diameter),
    height: bounded(CHAMBER_BOUNDS.height),
  }),
]);
export type ChamberShape = z.infer<typeof ChamberShapeSchema>;
