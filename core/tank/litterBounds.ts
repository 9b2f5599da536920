import type { Bounds } from '../units/bounds';

export const LITTER_BOUNDS = {
  perDay: { what: 'Plant litter a day', kind: 'feed', min: 0, max: 0.1 },
} as const satisfies Record<string, Bounds>;
