import type { Bounds } from '../units/bounds';

/** Longest side of a chamber, m. */
export const MAX_SIDE = 2;

const side = (what: string): Bounds => ({ what, kind: 'length', min: 0, max: MAX_SIDE, aboveMin: true });

/** What a chamber's numbers may be, SI (m). */
export const CHAMBER_BOUNDS = {
  length: side('Length'),
  width: side('Width'),
  height: side('Height'),
  diameter: side('Diameter'),
  bore: side('Centre pipe'),
  depth: side('Depth along the flow'),
  stop: side('Fill limit'),
  corner: { what: 'Corner radius', kind: 'length', min: 0, max: 0.2 },
  narrows: { what: 'Narrower at the bottom by', kind: 'length', min: 0, max: 0.5 },
} as const satisfies Record<string, Bounds>;
