import type { Bounds } from '../units/bounds';

/** What a ribbed block may measure, m. */
export const BLOCK_BOUNDS = {
  length: { what: 'Length of the block', kind: 'length', min: 0.02, max: 0.4 },
  width: { what: 'Width of the block', kind: 'length', min: 0.02, max: 0.4 },
  height: { what: 'Height of the block', kind: 'length', min: 0.005, max: 0.3 },
  wall: { what: 'Wall', kind: 'gap', min: 0.4e-3, max: 5e-3 },
  rib: { what: 'Rib', kind: 'gap', min: 0.4e-3, max: 5e-3 },
  gap: { what: 'Gap between ribs', kind: 'gap', min: 1e-3, max: 20e-3 },
  notch: { what: 'Side notch', kind: 'gap', min: 0, max: 50e-3 },
  feet: { what: 'Spacer feet', kind: 'gap', min: 0, max: 30e-3 },
} as const satisfies Record<string, Bounds>;
