import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { CATALOGUE } from '@/core/media/catalogue';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import { mediumMatch } from './mediumMatch';

/**
 * The media that a search finds, the best match first; of equal ones the keeper’s own, then the catalogue in its order. All for
 * an empty search.
 *
 * @param rank of equal matches, the lower the earlier; left out: as they stand
 */
export const foundMedia = (
  ownMedia: readonly OwnMedium[],
  wanted: string,
  rank: (made: MadeOf) => number = () => 0,
): MadeOf[] =>
  [...ownMedia.map(madeOnlyOf), ...CATALOGUE.map(({ id }) => madeOnlyOf(id))]
    .map((made) => ({ made, match: mediumMatch(mediumOf(made), wanted) }))
    .filter(({ match }) => match > 0)
    .sort((a, b) => b.match - a.match || rank(a.made) - rank(b.made))
    .map(({ made }) => made);
