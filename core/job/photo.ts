import { z } from 'zod';
import { IdSchema, MomentSchema } from '../document/fields';

/** A photo of a strip, without the picture itself. Sizes px. */
export const PhotoSchema = z.object({
  id: IdSchema,
  jobId: IdSchema,
  layerId: IdSchema.nullable(),
  takenAt: MomentSchema,
  width: z.int().positive(),
  height: z.int().positive(),
});
export type Photo = z.infer<typeof PhotoSchema>;

/** Longest side of a stored photo, px: pores of a foam can still be counted. */
export const LONGEST_SIDE = 1600;
/** Largest file a keeper may choose, bytes, and the largest resized one the app takes. */
export const MOST_FILE_BYTES = 30 * 2 ** 20;
export const MOST_PHOTO_BYTES = 8 * 2 ** 20;
/** Most photos of one job. */
export const MOST_PHOTOS = 60;
