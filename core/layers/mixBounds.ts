import type { Bounds } from '../units/bounds';

/** Share of a mixture that one of the media mixed in may have. */
export const MIX_BOUNDS = {
  share: { what: 'Share of the mixture', kind: 'share', min: 0.01, max: 0.99 },
} as const satisfies Record<string, Bounds>;

/** Most media that are mixed into another. */
export const MAX_MIXED = 3;
