import type { Bounds } from '../units/bounds';

/** What a tank's numbers may be, SI. The widest a home or club keeper could mean; common practice, no source. */
export const TANK_BOUNDS = {
  temperature: { what: 'Temperature', kind: 'temperature', min: 0, max: 40 },
  pH: { what: 'pH', kind: 'plain', min: 4, max: 10 },
  hardness: { what: 'Hardness', kind: 'hardness', min: 0, max: 50 },
  altitude: { what: 'Altitude', kind: 'altitude', min: -400, max: 5000 },
  circulation: { what: 'Flow of the circulation pump', kind: 'flow', min: 0, max: 20e-3, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** Most circulation pumps of one tank. */
export const MAX_CIRCULATION = 8;
