import type { Bounds } from '../units/bounds';

const side = (what: string): Bounds => ({ what, kind: 'length', min: 0.02, max: 10 });

export const TANK_SHAPE_BOUNDS = {
  length: side('Inside length'),
  width: side('Inside width'),
  height: side('Inside height'),
  diameter: side('Inside diameter'),
  bow: { what: 'Bow', kind: 'length', min: 0, max: 3, aboveMin: true },
} as const satisfies Record<string, Bounds>;
