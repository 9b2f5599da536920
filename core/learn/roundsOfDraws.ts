import type { Posterior } from '../dirt/posterior';
import type { LearnedLog } from './learnLog';
import {
  DRAWS,
  nextProposal,
  posteriorOf,
  weighedDraws,
  type Proposal,
  type WeighedDraw,
} from './weighedDraws';

/** Most rounds of draws: each proposal is made from the draws of the one before. */
export const MOST_ROUNDS = 2;

/** Where the first round is drawn from: the likeliest point and Laplace’s covariance. */
export const firstProposal = ({ fit }: Pick<LearnedLog, 'fit'>): Proposal => ({
  mean: fit.point,
  root: fit.root.to2DArray(),
});

/** The posterior of a learned log, drawn here and now; workers share the draws of a round instead. */
export function drawPosterior(learned: LearnedLog, draws = DRAWS): Posterior {
  let proposal = firstProposal(learned);
  let drawn: WeighedDraw[] = [];
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    drawn = weighedDraws(learned.model, proposal, round * draws, draws);
    const next = nextProposal(drawn);
    if (next === null) break;
    proposal = next;
  }
  return posteriorOf(drawn, learned.readings, newestEpoch(learned));
}

/** The condition of the pump that holds today. */
export const newestEpoch = ({ model }: Pick<LearnedLog, 'model'>): number =>
  model.stretches.at(-1)?.epochs.at(-1)?.epoch ?? 0;
