import { findMedium } from '../media/catalogue';
import type { MadeOf } from './mediumOf';

/** Ids of the media of a layer that are unknown: neither in the catalogue nor the keeper’s own. */
export const unknownMedia = ({ medium, own, mix }: MadeOf): string[] =>
  [{ medium, own }, ...(mix?.parts ?? [])].flatMap((part) => {
    const id = part.own?.like ?? part.medium;
    const known = findMedium(id) !== undefined && (part.own === null || part.own.id === part.medium);
    return known ? [] : [id];
  });
