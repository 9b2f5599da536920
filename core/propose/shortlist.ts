import { ranked } from './balance';
import { ALIKE_SHARE, isBetterThan } from './compareObjectives';
import { frontOf } from './frontOf';
import { isWellBuilt } from './isWellBuilt';
import type { ProposeInput } from './proposeInput';
import type { Considered } from './search';
import { OBJECTIVES, type Figures } from './objectives';

/** Packs that are worked out to the end for each wish, and for all wishes together. */
const FOR_A_WISH = 3;
const ALL_ROUND = 4;

/**
 * The packs that are worked out to the end: those that no other beats in everything, and of them the best of each wish,
 * the best in all together, and the best of those that beat the plan as it is; of those that keepers would build, the
 * best in all together; and what keepers usually build.
 *
 * @param mine figures of the plan as it is; null: there is none
 */
export function shortlist(
  { filter, around }: Pick<ProposeInput, 'filter' | 'around'>,
  considered: readonly Considered[],
  mine: Figures | null,
): Considered[] {
  const front = frontOf(considered);
  const byBalance = ranked(front);
  const chosen = new Set<Considered>();
  OBJECTIVES.forEach((_, index) => {
    const best = Math.min(...front.map(({ losses }) => losses[index]!));
    const alike = byBalance.filter(({ losses }) => losses[index]! <= best + ALIKE_SHARE * Math.abs(best));
    const next = [...byBalance].sort((a, b) => a.losses[index]! - b.losses[index]!);
    [...alike.slice(0, FOR_A_WISH), ...next.slice(0, 1)].forEach((pack) => chosen.add(pack));
  });
  byBalance.slice(0, ALL_ROUND).forEach((pack) => chosen.add(pack));
  if (mine !== null)
    byBalance
      .filter(({ figures }) => isBetterThan(figures, mine))
      .slice(0, ALL_ROUND)
      .forEach((pack) => chosen.add(pack));
  const built = considered.filter(({ layers }) => isWellBuilt(filter, layers, around.schools));
  ranked(frontOf(built))
    .slice(0, ALL_ROUND)
    .forEach((pack) => chosen.add(pack));
  considered.filter(({ isUsual }) => isUsual).forEach((pack) => chosen.add(pack));
  return [...chosen];
}
