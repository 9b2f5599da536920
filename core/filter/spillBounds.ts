import type { Bounds } from '../units/bounds';

export const SPILL_BOUNDS = {
  lip: { what: 'Lip above the basket floor', kind: 'length', min: 0, max: 1, aboveMin: true },
  rim: { what: 'Rim above the lip', kind: 'gap', min: 0, max: 0.5 },
  drop: { what: 'Lip above the tank’s water', kind: 'length', min: 0, max: 0.5 },
  lipWidth: { what: 'Width of the lip', kind: 'length', min: 0, max: 1, aboveMin: true },
  notchHeight: { what: 'Notch above the lip', kind: 'gap', min: -0.5, max: 0.5 },
  notchWidth: { what: 'Width of the notch', kind: 'length', min: 0, max: 1, aboveMin: true },
  hangerToBack: { what: 'Hanger to the back rim', kind: 'length', min: 0, max: 1, aboveMin: true },
  tilt: { what: 'Tilt', kind: 'angle', min: 0, max: Math.PI / 9 },
  recirculated: { what: 'Share recirculated', kind: 'share', min: 0, max: 0.95 },
} as const satisfies Record<string, Bounds>;
