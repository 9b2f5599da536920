import { lossOf, OBJECTIVES, type Figures, type Objective } from './objectives';

/** Differences of less than this share are none that a keeper would see: packs count as alike (calibrated). */
export const ALIKE_SHARE = 0.02;

/** The wishes in which one pack is better than another, and those in which it is worse, by as much as is seen. */
export interface Compared {
  readonly better: readonly Objective[];
  readonly worse: readonly Objective[];
}

/** Holds a pack against another, wish by wish. */
export function compareObjectives(figures: Figures, other: Figures): Compared {
  const by = (wish: Objective): number => {
    if (isFullyKnown(wish, figures) !== isFullyKnown(wish, other)) return 0;
    const [own, theirs] = [lossOf(wish, figures), lossOf(wish, other)];
    return Math.abs(own - theirs) <= ALIKE_SHARE * Math.max(Math.abs(own), Math.abs(theirs))
      ? 0
      : theirs - own;
  };
  return {
    better: OBJECTIVES.filter((wish) => by(wish) > 0),
    worse: OBJECTIVES.filter((wish) => by(wish) < 0),
  };
}

/** False for what is not known in full, for want of a price. What is known is neither better nor worse than that. */
function isFullyKnown(wish: Objective, figures: Figures): boolean {
  return wish !== 'cost' || figures.unpriced === 0;
}

/** Fewest wishes that a pack must grant better to be called better than another. */
const MIN_BETTER = 2;

/** True for a pack that is at least as good in every wish and better in two, the change from today left out. */
export function isBetterThan(figures: Figures, other: Figures): boolean {
  const { better, worse } = compareObjectives(figures, other);
  const counts = (wishes: readonly Objective[]): number => wishes.filter((wish) => wish !== 'change').length;
  return counts(worse) === 0 && counts(better) >= MIN_BETTER;
}
