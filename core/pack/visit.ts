import { z } from 'zod';
import { IdSchema } from '../document/fields';

/** What is done to a layer when the filter is opened. */
export const WORKS = ['squeeze', 'rinse', 'replace'] as const;
export const WorkSchema = z.enum(WORKS);
export type Work = z.infer<typeof WorkSchema>;

/** Most visits that are planned ahead: one a week for a year. */
export const MOST_VISITS = 53;
/** How far ahead anything is reckoned, days. */
export const HORIZON = 365;

/** One time that hands go into a filter, by days from when it was packed, and what they do there. */
export const VisitSchema = z.object({
  day: z
    .int('A visit falls on a whole day.')
    .min(1, 'A visit is on day 1 or later.')
    .max(HORIZON, `A visit is on day ${HORIZON} or earlier.`),
  works: z
    .array(z.object({ layerId: IdSchema, work: WorkSchema }))
    .min(1)
    .max(60),
});
export type Visit = z.infer<typeof VisitSchema>;

/** Share of the sludge that stays in a layer after the work (calibrated). */
export const STAYS: Readonly<Record<Work, number>> = { squeeze: 0.15, rinse: 0.5, replace: 0 };
