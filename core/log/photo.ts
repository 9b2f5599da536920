import { z } from 'zod';
import { IdSchema, MomentSchema } from '../document/fields';

/** A photo of a strip or of an entry of the log, without the picture itself. Sizes px. */
export const PhotoSchema = z.object({
  id: IdSchema,
  jobId: IdSchema.nullable().describe('The repack it was taken in; null: it belongs to a log entry'),
  layerId: IdSchema.nullable(),
  entryId: IdSchema.nullable().default(null).describe('The entry of the log it belongs to'),
  filterId: IdSchema.nullable().default(null).describe('The filter of that entry'),
  takenAt: MomentSchema,
  width: z.int().positive(),
  height: z.int().positive(),
});
export type Photo = z.infer<typeof PhotoSchema>;

/** Largest resized file that the app takes, bytes. */
export const MAX_PHOTO_BYTES = 8 * 2 ** 20;
/** Most photos of one job, of one entry of a log, and of all entries of one log. */
export const MAX_PHOTOS = 60;
export const MAX_ENTRY_PHOTOS = 6;
export const MAX_LOG_PHOTOS = 500;
