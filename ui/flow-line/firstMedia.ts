import type { MadeOf } from '@/core/layers/mediumOf';
import { MAX_FIRST_MEDIA, USUAL_MEDIA } from '@/core/practice/usualMedia';

/**
 * The media that stand first: what is used most, then the keeper’s own, then what is usual.
 *
 * @param all media there are
 * @param used ids of what the keeper uses most, the most used first
 */
export function firstMedia(all: readonly MadeOf[], used: readonly string[]): MadeOf[] {
  const own = all.filter(({ own: described }) => described !== null).map(({ medium }) => medium);
  const byId = new Map(all.map((made) => [made.medium, made]));
  return [...new Set([...used, ...own, ...USUAL_MEDIA])]
    .flatMap((id) => byId.get(id) ?? [])
    .slice(0, MAX_FIRST_MEDIA);
}
