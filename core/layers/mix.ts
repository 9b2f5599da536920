import { z } from 'zod';
import { bounded } from '../units/bounded';
import { GEOMETRY_BOUNDS } from '../media/geometryBounds';
import { OwnMediumSchema } from '../media/ownMediumSchema';
import { MEDIUM_ID } from '../document/mediumId';
import { MIX_BOUNDS, MAX_MIXED } from './mixBounds';
import { sumOf } from '../maths/sum';

/** A medium mixed into another, with its share of the volume. */
export const MixPartSchema = z.object({
  medium: MEDIUM_ID,
  own: OwnMediumSchema.nullable(),
  share: bounded(MIX_BOUNDS.share).describe('Of the volume poured, 0–1'),
});
export type MixPart = z.infer<typeof MixPartSchema>;

/** What is mixed with the layer’s medium in one bed, by shares of the volume. */
export const MixSchema = z
  .object({
    parts: z.array(MixPartSchema).min(1).max(MAX_MIXED),
    porosity: bounded(GEOMETRY_BOUNDS.porosity)
      .nullable()
      .describe('Porosity of the mixture, 0–1; null: the mean of its parts'),
  })
  .refine(({ parts }) => sumOf(parts, ({ share }) => share) <= MIX_BOUNDS.share.max, {
    path: ['parts'],
    error: 'The shares add up to the whole layer. Lower one of them.',
  });
export type Mix = z.infer<typeof MixSchema>;
