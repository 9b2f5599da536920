import { feedPerDay } from '../tank/feedPerDay';
import type { CloggingInput } from './clogging';
import { learnedFactors } from './learnedFactors';
import type { Posterior } from './posterior';
import { withFactors } from './withFactors';

/** What is likeliest after the log was read; the input itself where nothing was learned. */
export function calibratedInput(input: CloggingInput, learned: Posterior | null): CloggingInput {
  const food = feedPerDay(input.tank);
  return learned === null ? input : withFactors(input, learnedFactors(learned.mean, food));
}
