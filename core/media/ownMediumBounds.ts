import type { Bounds } from '../units/bounds';

/** What the figures of a medium of one’s own may be, SI: as far as solids, fibres and pores of filters go (common practice, no source). */
export const OWN_MEDIUM_BOUNDS = {
  usableLow: { what: 'Least usable share', kind: 'share', min: 0, max: 5 },
  usableLikely: { what: 'Usable share', kind: 'share', min: 0, max: 5 },
  usableHigh: { what: 'Most usable share', kind: 'share', min: 0, max: 5 },
  claimedSurface: { what: 'Claimed surface', kind: 'specificSurface', min: 0, max: 5e6, aboveMin: true },
  dryBulk: { what: 'Bulk weight, dry', kind: 'density', min: 1, max: 3000 },
  drainedBulk: { what: 'Bulk weight, drained', kind: 'density', min: 1, max: 3500 },
} as const satisfies Record<string, Bounds>;
