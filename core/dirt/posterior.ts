import { z } from 'zod';

/** What the log taught is kept as so many coordinates: those of `LEARNED`, and the speed of the pump. */
const MOST_COORDINATES = 16;

/**
 * What a filter’s log says of the uncertain numbers of its clogging: a normal distribution over their logarithms, each
 * in units of its prior spread (0 is what is usual, 1 a spread more).
 */
export const PosteriorSchema = z.object({
  readings: z.int().min(0).describe('Readings that it was learned from'),
  mean: z.array(z.number()).max(MOST_COORDINATES),
  root: z
    .array(z.array(z.number()).max(MOST_COORDINATES))
    .max(MOST_COORDINATES)
    .describe('Lower triangle whose product with its transpose is the covariance'),
});
export type Posterior = z.infer<typeof PosteriorSchema>;
