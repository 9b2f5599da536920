import type { Bounds } from '../units/bounds';

/** What may be entered of a layer that goes in. */
export const JOB_BOUNDS = {
  mass: { what: 'Weight', kind: 'mass', min: 0, max: 100, aboveMin: true },
} as const satisfies Record<string, Bounds>;
