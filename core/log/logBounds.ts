import type { Bounds } from '../units/bounds';

export const FLOW_BOUNDS = {
  jugVolume: { what: 'Jug', kind: 'volume', min: 0.05e-3, max: 0.1 },
  seconds: { what: 'Time to the mark', kind: 'time', min: 0.3, max: 3600 },
} as const satisfies Record<string, Bounds>;

/** What a water test may read, kg N/m³, and how much water is changed. */
export const TEST_BOUNDS = {
  ammonia: { what: 'Ammonia', kind: 'concentration', min: 0, max: 0.05 },
  nitrite: { what: 'Nitrite', kind: 'concentration', min: 0, max: 0.05 },
  nitrate: { what: 'Nitrate', kind: 'nitrate', min: 0, max: 0.2 },
  share: { what: 'Water changed', kind: 'share', min: 0, max: 1, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** What else is read or added: m from the rim, m³. */
export const CARE_BOUNDS = {
  headroom: { what: 'Level below the rim', kind: 'gap', min: 0, max: 0.2 },
  topUp: { what: 'Topped up', kind: 'volume', min: 0, max: 1, aboveMin: true },
} as const satisfies Record<string, Bounds>;
