import type { Bounds } from '../units/bounds';

export const ROOM_BOUNDS = {
  temperature: { what: 'Room temperature', kind: 'temperature', min: 0, max: 45 },
  humidity: { what: 'Relative humidity', kind: 'share', min: 0.05, max: 1 },
} as const satisfies Record<string, Bounds>;
