import type { FilterKind } from '../filter/filterKind';
import { isHangOnBack, isInternal } from '../filter/kindFamily';

/*
 * Days between two services that keepers are content with, by kind: floss in a hang-on-back is changed every three to
 * four weeks, internal sponges are squeezed every two to four, an ordinary canister is opened every one to three
 * months (common practice, no source).
 */
const CONTENT = { hangOnBack: 21, internal: 14, closed: 28 } as const;

/** The shortest usual time between two services of a kind, days. */
export const serviceInterval = (kind: FilterKind): number =>
  isHangOnBack(kind) ? CONTENT.hangOnBack : isInternal(kind) ? CONTENT.internal : CONTENT.closed;
