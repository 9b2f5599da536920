import type { OwnMedium } from '../media/ownMediumSchema';
import type { MadeOf } from './mediumOf';

/** What a layer is made of when it is all one medium: one of the catalogue by its id, or one of the keeper’s own. */
export const madeOnlyOf = (medium: string | OwnMedium): MadeOf =>
  typeof medium === 'string'
    ? { medium, own: null, mix: null }
    : { medium: medium.id, own: medium, mix: null };
