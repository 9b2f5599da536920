import type { Bounds } from '../units/bounds';

export const FEED_BOUNDS = {
  perDay: { what: 'Food a day', kind: 'feed', min: 0, max: 1 },
  protein: { what: 'Protein', kind: 'share', min: 0.05, max: 0.9 },
  length: { what: 'Length of one', kind: 'length', min: 0.005, max: 1 },
} as const satisfies Record<string, Bounds>;

/** Protein of usual flake and pellet food (common practice, no source). */
export const USUAL_PROTEIN = 0.4;
