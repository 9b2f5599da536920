import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { CATALOGUE } from '@/core/media/catalogue';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import { matchesMedium } from './matchesMedium';

/** The media that a search finds, the keeper’s own first, then the catalogue in its order; all for an empty search. */
export const foundMedia = (ownMedia: readonly OwnMedium[], wanted: string): MadeOf[] =>
  [...ownMedia.map(madeOnlyOf), ...CATALOGUE.map(({ id }) => madeOnlyOf(id))].filter((made) =>
    matchesMedium(mediumOf(made), wanted),
  );
