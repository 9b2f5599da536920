import { z } from 'zod';
import { DaySchema, IdSchema } from '../document/fields';
import { MEDIUM_ID } from '../document/mediumId';
import { findMedium } from '../media/catalogue';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const AIR_FILTER_BOUNDS = {
  volume: { what: 'Media in the air-driven filter', kind: 'volume', min: 0, max: 20e-3, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** Most air-driven filters of one tank. */
export const MAX_AIR_FILTERS = 12;

/** A sponge or a box that an air pump drives: it has no flow to speak of, but a film lives in it. */
export const AirFilterSchema = z.object({
  id: IdSchema,
  kind: z.enum(['sponge', 'box']),
  medium: MEDIUM_ID.refine((id) => findMedium(id) !== undefined, {
    error: 'The media of the air-driven filter is not in the catalogue. Choose another.',
  }),
  volume: bounded(AIR_FILTER_BOUNDS.volume).describe('Of its media, m³'),
  installedOn: DaySchema.nullable().describe('Date it was put on the tank; null: long ago'),
});
export type AirFilter = z.infer<typeof AirFilterSchema>;
