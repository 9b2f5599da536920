import { z } from 'zod';
import { LEARNED_KEYS } from './learnedFactors';

/** What the log taught is kept as so many coordinates: those that are learned, and the speed of the pump. */
const COORDINATES = LEARNED_KEYS.length + 1;

/**
 * What a filter’s log says of the uncertain numbers of its clogging: a normal distribution over their logarithms, each
 * in units of its prior spread (0 is what is usual, 1 a spread more).
 */
export const PosteriorSchema = z.object({
  readings: z.int().min(0).describe('Readings that it was learned from'),
  mean: z.array(z.number()).length(COORDINATES),
  root: z
    .array(z.array(z.number()).length(COORDINATES))
    .length(COORDINATES)
    .describe('Lower triangle whose product with its transpose is the covariance'),
});
export type Posterior = z.infer<typeof PosteriorSchema>;
