import type { Bounds } from '../units/bounds';

/** What a keeper may enter of what lies on the shelf. Lengths m, volumes m³; prices in the keeper’s own currency. */
export const SHELF_BOUNDS = {
  sheetLength: { what: 'Length of the sheet', kind: 'length', min: 0.01, max: 5 },
  sheetWidth: { what: 'Width of the sheet', kind: 'length', min: 0.01, max: 5 },
  sheetThickness: { what: 'Thickness of the sheet', kind: 'length', min: 0.002, max: 0.5 },
  volume: { what: 'Volume on hand', kind: 'volume', min: 0, max: 1 },
  packVolume: { what: 'Volume of a pack', kind: 'volume', min: 0, max: 1, aboveMin: true },
  bagVolume: { what: 'Volume of the bag', kind: 'volume', min: 0, max: 0.1, aboveMin: true },
  price: { what: 'Price', kind: 'plain', min: 0, max: 100_000, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/** Most things on the shelf. */
export const MAX_ITEMS = 500;
/** Most of one of them. */
export const MAX_COUNT = 999;

/** Longest name of one. */
export const LONGEST_LABEL = 80;
