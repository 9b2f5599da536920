import type { Posterior } from '../dirt/posterior';
import type { LearnedLog } from './fitModelToLog';
import { todaysCoordinates } from './todaysCoordinates';
import {
  DRAWS_PER_ROUND,
  nextProposal,
  posteriorOf,
  weighedDraws,
  type ProposalDensity,
  type WeighedDraw,
} from './weighedDraws';

/** Most rounds of draws: each proposal is made from the draws of the one before. */
const MAX_ROUNDS = 2;

/** Where the first round is drawn from: the likeliest point and Laplace’s covariance. */
const firstProposal = ({ fit }: Pick<LearnedLog, 'fit'>): ProposalDensity => ({
  mean: fit.point,
  root: fit.root.to2DArray(),
});

/** Draws between two reports. */
const AT_ONCE = 20;

/**
 * The posterior of a learned log.
 *
 * @param tell called with the share of all rounds done, 0–1
 */
export function drawPosterior(
  learned: LearnedLog,
  draws = DRAWS_PER_ROUND,
  tell: (share: number) => void = () => undefined,
): Posterior {
  let proposal = firstProposal(learned);
  let drawn: WeighedDraw[] = [];
  for (let round = 0; round < MAX_ROUNDS; round += 1) {
    drawn = [];
    while (drawn.length < draws) {
      const count = Math.min(AT_ONCE, draws - drawn.length);
      drawn.push(...weighedDraws(learned.model, proposal, round * draws + drawn.length, count));
      tell((round + drawn.length / draws) / MAX_ROUNDS);
    }
    const next = nextProposal(drawn);
    if (next === null) break;
    proposal = next;
  }
  return posteriorOf(drawn, learned.readings, todaysCoordinates(learned.model));
}
