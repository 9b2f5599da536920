import { z } from 'zod';
import { FEED_BOUNDS } from './feedBounds';
import { bounded } from '../units/bounded';

const MAX_ANIMALS = 10_000;
const MAX_GROUPS = 30;

/** What goes in: weighed, or estimated from the animals; null when nothing is known yet. kg of dry food a day. */
export const FeedSchema = z.object({
  amount: z
    .discriminatedUnion('by', [
      z.object({ by: z.literal('weight'), perDay: bounded(FEED_BOUNDS.perDay) }),
      z.object({
        by: z.literal('animals'),
        groups: z
          .array(
            z.object({
              count: z
                .int('How many must be a whole number.')
                .min(0, 'How many must be 0 or more.')
                .max(MAX_ANIMALS, `How many must be at most ${MAX_ANIMALS}.`),
              length: bounded(FEED_BOUNDS.length).describe('Body length of one, m'),
            }),
          )
          .max(MAX_GROUPS),
      }),
    ])
    .nullable(),
  protein: bounded(FEED_BOUNDS.protein).describe('Share of the food'),
});
export type Feed = z.infer<typeof FeedSchema>;
