import type { Bounds } from '../units/bounds';

export const ROUTINE_BOUNDS = {
  share: { what: 'Water changed', kind: 'share', min: 0, max: 1, aboveMin: true },
  every: { what: 'Days between water changes', kind: 'plain', min: 1, max: 365 },
  tapNitrate: { what: 'Nitrate in the tap water', kind: 'nitrate', min: 0, max: 0.1 },
  nitrateRemoved: {
    what: 'Nitrate that the filter removes in a day',
    kind: 'nitrateMass',
    min: 0,
    max: 0.05,
  },
} as const satisfies Record<string, Bounds>;
