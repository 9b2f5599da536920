import { LONGEST_PLACE } from './longestPlace';
import { z } from 'zod';
import { MomentSchema } from '../document/fields';

/** Most spans one job can have: parked and fetched again a few times. */
const MAX_SPANS = 50;

/** A time that biological media spent without flow, and where it went afterwards: '' when back in its own filter. */
export const OutOfFlowSchema = z
  .array(
    z.object({
      from: MomentSchema,
      to: MomentSchema.nullable().describe('null while the clock runs'),
      parkedIn: z
        .string()
        .max(LONGEST_PLACE, `Where it is parked is too long: use at most ${LONGEST_PLACE} characters.`),
    }),
  )
  .max(MAX_SPANS);
export type OutOfFlow = z.infer<typeof OutOfFlowSchema>;
