import type { Bounds } from '../units/bounds';

/** What a layer's numbers may be, SI (m). Two millimetres is the thinnest pad that holds together. */
export const LAYER_BOUNDS = {
  thickness: { what: 'Thickness', kind: 'length', min: 0.002, max: 2 },
  cutLength: { what: 'Cut length', kind: 'length', min: 0.005, max: 2 },
  wetMass: { what: 'Weight, wet', kind: 'mass', min: 0, max: 100, aboveMin: true },
  cutWidth: { what: 'Cut width', kind: 'length', min: 0.005, max: 2 },
  compressionRatio: { what: 'Compressed to', kind: 'share', min: 0.3, max: 1 },
} as const satisfies Record<string, Bounds>;
