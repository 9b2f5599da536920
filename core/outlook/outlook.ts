import { z } from 'zod';
import { COURSE_STEP } from './courseStep';
import { IdSchema, MomentSchema } from '../document/fields';
import { PosteriorSchema } from '../dirt/posterior';
import { MEASURES } from '../dirt/serviceMeasures';
import { ODD_CAUSES } from '../learn/oddCauses';
import { VISIT_REASONS, VisitSchema } from '../pack/visit';
import { HORIZON, MAX_VISITS } from '../pack/visitLimits';

/** Most days that are followed: a pack may be old when the year ahead is looked at; an older one is judged as if it were of that age. */
export const MAX_DAYS = 4 * HORIZON;
const MAX_ODD = 100;
const MAX_LIFTS = 60;

/** A reading that was not learned from, with what may be behind it. m³/s of flows, m of levels. */
export const OddReadingSchema = z.object({
  id: IdSchema,
  kind: z.enum(['flow', 'level']),
  value: z.number(),
  low: z.number(),
  high: z.number(),
  causes: z
    .array(z.object({ cause: z.enum(ODD_CAUSES), share: z.number().min(0).max(1) }))
    .max(ODD_CAUSES.length),
});
export type OddReading = z.infer<typeof OddReadingSchema>;

const dayOrNever = z.number().min(0).max(MAX_DAYS).nullable().describe('null: not within the days simulated');
const course = z.array(z.number()).max(MAX_DAYS / COURSE_STEP + 2);
export const CourseRangeSchema = z.object({ likely: course, low: course, high: course });
/** A course with its likely range, a value every {@link COURSE_STEP} days. */
export type CourseRange = z.infer<typeof CourseRangeSchema>;

/**
 * The outlook of a filter, worked out from its pack and its log and kept, so that home need not work it out for every filter.
 * Days count from when the pack went in; flows m³/s at the outlet.
 */
export const OutlookSchema = z.object({
  learned: z.object({
    posterior: PosteriorSchema.nullable().describe('null: nothing learned'),
    refused: z.boolean().describe('Too many readings do not fit'),
    odd: z.array(OddReadingSchema).max(MAX_ODD),
  }),
  forecast: z
    .object({
      packedAt: MomentSchema,
      by: z.enum(MEASURES).describe('What calls for service'),
      earliest: dayOrNever,
      likely: dayOrNever,
      latest: dayOrNever,
      flow: CourseRangeSchema.describe(`Every ${COURSE_STEP} days`),
      lost: CourseRangeSchema.describe('Pressure lost in the pack, m of water'),
      passes: CourseRangeSchema.describe('Share of the flow that passes the worst layer, 0–1'),
      visits: z
        .array(
          VisitSchema.extend({
            day: z.int().min(1).max(MAX_DAYS),
            lifts: z.array(z.string()).max(MAX_LIFTS),
            minutes: z.number().min(0),
            why: z.enum(VISIT_REASONS),
          }),
        )
        .max(MAX_VISITS),
      sponge: dayOrNever.describe('Days from one squeeze of the intake sponge to the next'),
    })
    .nullable()
    .describe('null: the pack or the feed rate is unknown'),
});
export type Outlook = z.infer<typeof OutlookSchema>;
export type OutlookForecast = NonNullable<Outlook['forecast']>;
