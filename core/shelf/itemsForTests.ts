import type { LooseItem, SheetItem } from './shelf';

/** A sheet of half a metre square at a price, for tests; its id is its medium and thickness, so that several can stand together. */
export const sheetItem = (medium: string, thickness: number, change: Partial<SheetItem> = {}): SheetItem => ({
  kind: 'sheet',
  id: `${medium}-${thickness}`,
  label: '',
  medium,
  length: 0.5,
  width: 0.5,
  thickness,
  count: 0,
  offcut: false,
  price: 9,
  ...change,
});

/** Loose media sold by the litre at a price, for tests; its id is its medium. */
export const looseItem = (medium: string, volume: number, change: Partial<LooseItem> = {}): LooseItem => ({
  kind: 'loose',
  id: medium,
  label: '',
  medium,
  volume,
  packVolume: 1e-3,
  price: 8,
  ...change,
});
