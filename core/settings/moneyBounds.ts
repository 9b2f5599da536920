import type { Bounds } from '../units/bounds';

export const MONEY_BOUNDS = {
  electricity: { what: 'Price of a kilowatt-hour', kind: 'plain', min: 0, max: 10_000, aboveMin: true },
} as const satisfies Record<string, Bounds>;
