import type { Bounds } from '../units/bounds';

const size = (what: string, kind: 'gap' | 'fine') =>
  ({ what, kind, min: 0, max: 0.2, aboveMin: true }) as const satisfies Bounds;

/** What the figures of a medium’s shape may be, SI: from the thinnest fibre to the largest ring (common practice, no source). */
export const GEOMETRY_BOUNDS = {
  poresPerInch: { what: 'Pores per inch', kind: 'plain', min: 5, max: 100 },
  fibreDiameter: size('Fibre diameter', 'fine'),
  grainSize: size('Grain size', 'gap'),
  outerDiameter: size('Outer diameter', 'gap'),
  bore: size('Bore', 'gap'),
  length: size('Length of a ring', 'gap'),
  thickness: size('Thickness of ribbon or wall', 'fine'),
  porosity: { what: 'Open to the water', kind: 'share', min: 0.05, max: 0.995 },
} as const satisfies Record<string, Bounds>;
