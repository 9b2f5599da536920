import { ensembleRuns } from '../dirt/ensemble';
import { ensembleRange, type EnsembleRange } from '../dirt/ensembleRange';
import { forecast } from '../dirt/forecast';
import type { Layer } from '../layers/layer';
import { answersOf, type PlanStanding, type Proposal } from './answers';
import { DEFAULT_WEIGHTS } from './balance';
import { compareObjectives, type Compared } from './compareObjectives';
import { evaluateFinalist, type Finalist } from './evaluateFinalist';
import { findConflictingLimits, nearest, NOTHING_NEAR, type Contradiction } from './limits';
import { proposeFault, type ProposeFault } from './proposeFault';
import type { ProposeInput } from './proposeInput';
import { searchPacks, type Considered } from './search';
import { USUAL_EFFORT, type Effort } from './effort';
import { shortlist } from './shortlist';
import type { Figures } from './objectives';

/** Searches that go on side by side, whoever runs them: the answer is the same. */
export const SEARCH_SHARDS = 2;

/** What a search for packs comes to. */
export interface Proposed {
  /** Packs judged quickly, and forecast. */
  readonly tried: number;
  readonly forecast: number;
  readonly considered: readonly Considered[];
  readonly finalists: readonly Finalist[];
  readonly proposals: readonly Proposal[];
  /** The plan as it is, and how each proposal stands against it; null: there is none. */
  readonly mine: Figures | null;
  readonly plan: PlanStanding | null;
  readonly against: readonly Compared[];
  /** Why there is no proposal; null: there are some. */
  readonly fault: ProposeFault | null;
  readonly contradiction: Contradiction | null;
}

/** The plan as it is, worked out to the end; null for an empty one. */
export const finalistOfMine = (input: ProposeInput): Finalist | null =>
  input.mine.length === 0 ? null : evaluateFinalist(input, input.mine);

/**
 * Proposes packs for a filter in one go, as the command line does. The app lets workers do the same side by side.
 *
 * @example propose({ ...bench, seed: 1 }, { packs: 300, forecasts: 20 }).proposals.length
 */
export function propose(input: ProposeInput, effort: Effort = USUAL_EFFORT): Proposed {
  const whole = finalistOfMine(input);
  const mine = whole?.figures ?? null;
  const nothing = {
    tried: 0,
    forecast: 0,
    considered: [],
    finalists: [],
    proposals: [],
    mine,
    plan: null,
    against: [],
  };
  const fault = proposeFault(input);
  if (fault !== null) return { ...nothing, fault, contradiction: null };
  const considered: Considered[] = [];
  let [tried, forecasts, near] = [0, 0, NOTHING_NEAR];
  for (let index = 0; index < SEARCH_SHARDS; index += 1) {
    let last = null;
    for (const slice of searchPacks(input, effort, { index, of: SEARCH_SHARDS })) {
      considered.push(...slice.found);
      last = slice;
    }
    tried += last?.tried ?? 0;
    forecasts += last?.forecast ?? 0;
    near = nearest(near, last?.near ?? NOTHING_NEAR);
  }
  const finalists = shortlist(input, considered, mine).map(({ layers, isUsual }) =>
    evaluateFinalist(input, layers, isUsual),
  );
  const { proposals, plan } = answersOf(finalists, whole, input.limits, DEFAULT_WEIGHTS);
  return {
    tried,
    forecast: forecasts,
    considered,
    finalists,
    proposals,
    mine,
    plan,
    against: mine === null ? [] : proposals.map(({ pack }) => compareObjectives(pack.figures, mine)),
    fault: null,
    contradiction: considered.length === 0 ? findConflictingLimits(near) : null,
  };
}

/** The likely range of the next service of a pack. */
export function serviceRange(
  { around: { tank, others, learned = null }, filter }: ProposeInput,
  layers: readonly Layer[],
): EnsembleRange | null {
  const input = { tank, filter, layers, others, visits: [], learned };
  const likely = forecast({ ...input, brief: true });
  return ensembleRange(ensembleRuns(input, likely.course.by));
}
