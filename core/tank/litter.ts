import { z } from 'zod';
import { LITTER_BOUNDS } from './litterBounds';
import { bounded } from '../units/bounded';

/** Dead leaf and root that comes loose, dry kg a day, and whether plants float where an intake can draw them. */
export const LitterSchema = z.object({
  perDay: bounded(LITTER_BOUNDS.perDay).nullable().describe('Dry, kg; null: typical for the planting'),
  floating: z.boolean().describe('Plants float on the water'),
});

export type Litter = z.infer<typeof LitterSchema>;
