import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const LITTER_BOUNDS = {
  perDay: { what: 'Plant litter a day', kind: 'feed', min: 0, max: 0.1 },
} as const satisfies Record<string, Bounds>;

/** Dead leaf and root that comes loose, dry kg a day, and whether plants float where an intake can draw them. */
export const LitterSchema = z.object({
  perDay: bounded(LITTER_BOUNDS.perDay).nullable().describe('Dry, kg; null: typical for the planting'),
  floating: z.boolean().describe('Plants float on the water'),
});

export type Litter = z.infer<typeof LitterSchema>;
