import { nonDominated } from './dominance';
import type { Considered } from './search';

/**
 * The packs that no other beats in everything. To be shut for longer than half a year counts no more as a wish: of several
 * that are alike, the one that stays closed for longest is kept.
 */
export const frontOf = <Pack extends Pick<Considered, 'losses' | 'figures'>>(
  packs: readonly Pack[],
): Pack[] =>
  nonDominated(
    [...packs].sort((a, b) => b.figures.service - a.figures.service),
    ({ losses }) => losses,
  );
