import { z } from 'zod';
import { IdSchema } from '../document/fields';
import { HORIZON } from './visitLimits';
import { WORKS } from './works';

export const WorkSchema = z.enum(WORKS);
export type Work = z.infer<typeof WorkSchema>;

/** One time that hands go into a filter, by days from when it was packed, and what they do there. */
export const VisitSchema = z.object({
  day: z
    .int('Enter a whole number of days for a visit.')
    .min(1, 'A visit must be on day 1 or later.')
    .max(HORIZON, `A visit must be on day ${HORIZON} or earlier.`),
  works: z
    .array(z.object({ layerId: IdSchema, work: WorkSchema }))
    .max(60)
    .describe('Empty: only look'),
});
export type Visit = z.infer<typeof VisitSchema>;

/** Why a visit falls: flow or headroom is low or the layers are full, floss is used up, time has used up a medium, biological media have silted up, or the longest time between two looks is over. */
export const VISIT_REASONS = ['flow', 'used up', 'spent', 'biological', 'look'] as const;
