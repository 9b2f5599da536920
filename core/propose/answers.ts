import { ranked, type Weights } from './balance';
import { ALIKE_SHARE, compareObjectives, isBetterThan } from './compareObjectives';
import type { Finalist } from './evaluateFinalist';
import { frontOf } from './frontOf';
import { limitShortfalls } from './limits';
import type { Limits } from './proposeInput';
import { lossOf, OBJECTIVES, type Objective } from './objectives';

/** What a proposal is best at. */
export type Merit = Objective | 'all round' | 'better' | 'also';

/** What a proposal is called, by what it is best at. */
export const MERIT_NAMES: Readonly<Record<Merit, string>> = {
  'all round': 'Best overall',
  better: 'Better than your plan',
  service: 'Longest between services',
  clear: 'Clearest water',
  cover: 'Most bacteria',
  turnover: 'Best turnover',
  cost: 'Cheapest to run',
  minutes: 'Least work',
  change: 'Least change',
  also: 'Another good pack',
};

/** A pack that is offered, with what it is best at, first things first. */
export interface Proposal {
  readonly pack: Finalist;
  readonly merits: readonly [Merit, ...Merit[]];
  /** Wishes that it grants much less of than the best of the proposals, the dearest first. */
  readonly givesUp: readonly Objective[];
}

/**
 * How the plan stands against the packs that are offered: one of them beats it; it is urgent itself, or misses a limit;
 * nothing that was found is better in anything; it is the best in all together; or each is better in something.
 */
export type PlanStanding = 'beaten' | 'urgent' | 'misses a limit' | 'as good as any' | 'best' | 'one of them';

/** The packs that are offered, and how the plan stands against them; null: there is no plan, or nothing to offer. */
export interface Answers {
  readonly proposals: readonly Proposal[];
  readonly plan: PlanStanding | null;
}

/** Fewest and most proposals that are offered at once, where there are so many. */
const MIN_OFFERED = 3;
const MAX_OFFERED = 6;
/** A wish counts as given up from this share of the way from best to worst on, and at most so many are named. */
const GIVEN_UP = 0.35;
const MAX_GIVEN_UP = 3;

/**
 * The packs that are offered: three to six that no other beats in everything, each the best in something. None has an
 * urgent finding, misses a limit, or has more to check than must be; none is worse than a sound plan in all that differs.
 *
 * @param mine the plan as it is; null: there is none
 * @param weights how much each wish counts for the best all round
 */
export function answersOf(
  finalists: readonly Finalist[],
  mine: Finalist | null,
  limits: Limits,
  weights: Weights,
): Answers {
  const sound = finalists.filter((pack) => pack.canBeHad && !isUrgent(pack) && keepsTo(limits, pack));
  const soundMine = mine !== null && !isUrgent(mine) && keepsTo(limits, mine) ? mine : null;
  const least = Math.min(...sound.map(({ findings }) => findings.length));
  const worthy = sound.filter(
    (pack) =>
      pack.findings.length === least &&
      (soundMine === null ||
        soundMine.findings.length > least ||
        compareObjectives(pack.figures, soundMine.figures).better.length > 0),
  );
  const front = frontOf(worthy);
  // What keepers would build stands beside the front, whatever beats it in figures alone.
  const built = frontOf(worthy.filter(({ isWellBuilt }) => isWellBuilt));
  const offerable = [...new Set([...front, ...built])];
  const all = ranked(soundMine === null ? offerable : [...offerable, soundMine], weights);
  const byBalance = all.filter((pack) => pack !== soundMine);
  const mostMinutes = mostMinutesOf(sound, mine);
  const isNoMoreWork = ({ figures }: Finalist): boolean => figures.minutes <= mostMinutes;
  const merits = new Map<Finalist, Merit[]>();
  const give = (pack: Finalist | undefined, merit: Merit): void => {
    if (pack === undefined || (!merits.has(pack) && merits.size === MAX_OFFERED)) return;
    merits.set(pack, [...(merits.get(pack) ?? []), merit]);
  };
  const winner =
    mine === null ? undefined : byBalance.find(({ figures }) => isBetterThan(figures, mine.figures));
  const isMineBest = winner === undefined && all[0] === soundMine;
  if (!isMineBest)
    give(
      byBalance.find((pack) => pack.isWellBuilt && isNoMoreWork(pack)),
      'all round',
    );
  give(winner, 'better');
  for (const wish of FIRST_THINGS) {
    const values = byBalance.map((pack) => lossToBeat(wish, pack));
    const [best, worst] = [Math.min(...values), Math.max(...values)];
    const near = best + ALIKE_SHARE * Math.abs(best);
    // Where all are alike none is the best.
    if (!(worst > near)) continue;
    const alike = byBalance.filter((pack) => lossToBeat(wish, pack) <= near);
    give(alike.find(({ isWellBuilt }) => isWellBuilt) ?? alike[0], wish);
  }
  // A search of few packs has few that are the best in something: others that none beats stand beside them.
  for (const pack of byBalance.filter(isNoMoreWork))
    if (merits.size < MIN_OFFERED && !merits.has(pack)) give(pack, 'also');
  const offered = [...merits];
  const losses = offered.map(([pack]) => pack.losses);
  const standing = (): PlanStanding | null => {
    if (mine === null || sound.length === 0) return null;
    if (winner !== undefined) return 'beaten';
    if (isUrgent(mine)) return 'urgent';
    if (soundMine === null) return 'misses a limit';
    if (offered.length === 0) return 'as good as any';
    return isMineBest ? 'best' : 'one of them';
  };
  return {
    proposals: offered.map(([pack, [first, ...more]]) => ({
      pack,
      merits: [first!, ...more],
      givesUp: givenUp(pack.losses, losses),
    })),
    plan: standing(),
  };
}

const isUrgent = ({ findings }: Finalist): boolean => findings.some(({ level }) => level === 'urgent');

const keepsTo = (limits: Limits, { figures }: Finalist): boolean =>
  limitShortfalls(limits, { overflows: false, mass: 0, ...figures }).every((by) => by === 0);

/** A loss as the best in one wish is found by it: of those that stay closed for half a year, the longest is the best. */
const lossToBeat = (wish: Objective, { figures }: Finalist): number =>
  wish === 'service' ? -figures.service : lossOf(wish, figures);

/** A pack that is not the best in one wish asks for no more minutes a year than the plan and a usual pack together. */
function mostMinutesOf(packs: readonly Finalist[], mine: Finalist | null): number {
  const usual = packs.filter(({ isUsual }) => isUsual).map(({ figures }) => figures.minutes);
  return usual.length === 0 ? Infinity : Math.max(...usual) + (mine?.figures.minutes ?? 0);
}

/** The wishes in the order in which a place among the proposals is given. */
const FIRST_THINGS: readonly Objective[] = [
  'service',
  'clear',
  'cover',
  'change',
  'cost',
  'minutes',
  'turnover',
];

function givenUp(losses: readonly number[], all: readonly (readonly number[])[]): Objective[] {
  return OBJECTIVES.map((wish, index) => {
    const values = all.map((other) => other[index]!);
    const [best, worst] = [Math.min(...values), Math.max(...values)];
    const isSeen = worst > best + ALIKE_SHARE * Math.abs(best);
    return { wish, share: isSeen ? (losses[index]! - best) / (worst - best) : 0 };
  })
    .filter(({ share }) => share >= GIVEN_UP)
    .sort((a, b) => b.share - a.share)
    .slice(0, MAX_GIVEN_UP)
    .map(({ wish }) => wish);
}
