import { z } from 'zod';
import { IdSchema, nameSchema } from '../document/fields';
import { bounded } from '../units/bounded';
import { GeometrySchema } from './geometry';
import { ServiceSchema } from './medium';
import { OWN_MEDIUM_BOUNDS } from './ownMediumBounds';

/**
 * A medium of the keeper’s own: one of the catalogue with figures that the keeper knows better. What kind of thing it
 * is (how it is cut or poured, what it does for the water) comes from the medium that it is like.
 */
export const OwnMediumSchema = z
  .object({
    id: IdSchema,
    name: nameSchema('The medium’s name'),
    letter: z
      .string()
      .regex(/^\p{Lu}{1,2}$/u, 'The mark of a medium is one or two capital letters.')
      .describe('Marks the layer in every drawing'),
    like: z.string().min(1).max(64).describe('Id of the medium in the catalogue that it is like'),
    geometry: GeometrySchema,
    usableShare: z
      .object({
        low: bounded(OWN_MEDIUM_BOUNDS.usableLow),
        likely: bounded(OWN_MEDIUM_BOUNDS.usableLikely),
        high: bounded(OWN_MEDIUM_BOUNDS.usableHigh),
      })
      .refine(({ low, likely, high }) => low <= likely && likely <= high, {
        error: 'Enter the usable surface in order: lowest, likely, highest.',
      }),
    claimedSurface: bounded(OWN_MEDIUM_BOUNDS.claimedSurface).nullable().describe('m² per m³ of bed'),
    dryBulk: bounded(OWN_MEDIUM_BOUNDS.dryBulk).describe('kg per m³ of bed'),
    drainedBulk: bounded(OWN_MEDIUM_BOUNDS.drainedBulk).describe('kg per m³ of bed, wet and drained'),
    service: ServiceSchema,
  })
  .refine(({ geometry }) => geometry.form !== 'rings' || geometry.bore < geometry.outerDiameter, {
    path: ['geometry'],
    error: 'The hole of a ring must be smaller than the ring.',
  })
  .refine(({ dryBulk, drainedBulk }) => dryBulk <= drainedBulk, {
    path: ['drainedBulk'],
    error: 'A medium cannot weigh less wet and drained than dry.',
  });
export type OwnMedium = z.infer<typeof OwnMediumSchema>;
