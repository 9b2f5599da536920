import { z } from 'zod';
import { LAST_STAGE_DAY, MAX_STAGES } from './swapBounds';
import { DaySchema, IdSchema } from '../document/fields';

/** Most pieces of one swap. */
export const MAX_PIECES = 60;

const share = z.number().min(0).max(1);
const surface = z.number().min(0).max(1e4);

/** Media of a filter that are retired in stages, so that the bacteria that stay can follow. Surfaces m². */
export const SwapSchema = z.object({
  begunOn: DaySchema.nullable().describe('Day 0; null: not started'),
  pieces: z
    .array(
      z.object({
        key: IdSchema.describe('Id of the layer'),
        name: z.string().max(120),
        surface: surface.describe('Surface for bacteria of the piece that leaves, m²'),
        newSurface: surface.describe('Of the piece that replaces it'),
        whole: z.boolean().describe('Leaves whole: a cartridge cannot be replaced in parts'),
        zeolite: z
          .object({
            capacity: z.number().positive().max(10).describe('Ammonia capacity, kg N'),
            affinity: z.number().positive().max(1e5).describe('Langmuir affinity for ammonia, m³/kg'),
            everyDays: z.int().min(1).max(LAST_STAGE_DAY).describe('Days between recharges or replacements'),
          })
          .nullable()
          .describe('Ammonia uptake; null: not zeolite, or replaced'),
      }),
    )
    .min(1)
    .max(MAX_PIECES),
  stages: z
    .array(
      z.object({
        day: z.int('A stage falls on a whole day.').min(0).max(LAST_STAGE_DAY),
        parts: z
          .array(z.object({ key: IdSchema, share }))
          .min(1)
          .max(MAX_PIECES),
        doneOn: DaySchema.nullable(),
      }),
    )
    .min(1)
    .max(MAX_STAGES),
});
export type Swap = z.infer<typeof SwapSchema>;
export type SwapPiece = Swap['pieces'][number];
export type SwapStage = Swap['stages'][number];

/** What comes in the place of a piece: the same medium new, nothing, or a medium of the catalogue. */
export type Successor = 'same' | 'nothing' | { readonly medium: string };
