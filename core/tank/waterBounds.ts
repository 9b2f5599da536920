import type { Bounds } from '../units/bounds';

export const WATER_BOUNDS = {
  volume: { what: 'Water in the tank', kind: 'volume', min: 1e-3, max: 50 },
  fill: { what: 'Water level', kind: 'length', min: 0, max: 10, aboveMin: true },
  substrateDepth: { what: 'Substrate depth', kind: 'length', min: 0, max: 2 },
  substratePorosity: { what: 'Water between the grains', kind: 'share', min: 0, max: 0.9 },
  hardscapeVolume: { what: 'Volume of rock and wood', kind: 'volume', min: 0, max: 20 },
  hardscapeMass: { what: 'Weight of the rock', kind: 'mass', min: 0, max: 20000 },
  hardscapeDensity: { what: 'Weight per litre of rock', kind: 'density', min: 200, max: 8000 },
} as const satisfies Record<string, Bounds>;
