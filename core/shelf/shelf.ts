import { z } from 'zod';
import { IdSchema, MomentSchema } from '../document/fields';
import { MEDIUM_ID } from '../document/mediumId';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';
import { SPARES } from './spares';

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

/** Most things on the shelf, and most of one of them. */
export const MAX_ITEMS = 500;
export const MAX_COUNT = 999;
/** Longest name of one. */
export const LONGEST_LABEL = 80;

const count = z
  .int('The count must be a whole number.')
  .min(0, 'The count cannot be below 0.')
  .max(MAX_COUNT, `The count must be at most ${MAX_COUNT}.`);
const price = bounded(SHELF_BOUNDS.price).nullable();
const wetSince = MomentSchema.nullable()
  .optional()
  .describe('Used media that lies wet in tank water since then; left out or null: dry, or new');
const common = {
  id: IdSchema,
  label: z.string().max(LONGEST_LABEL).describe('The keeper’s name for it; may be empty'),
};

/** One thing on the shelf, or that can be bought: none on hand counts 0. */
export const ShelfItemSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('sheet'),
    ...common,
    medium: MEDIUM_ID,
    length: bounded(SHELF_BOUNDS.sheetLength),
    width: bounded(SHELF_BOUNDS.sheetWidth),
    thickness: bounded(SHELF_BOUNDS.sheetThickness),
    count,
    offcut: z.boolean().describe('An off-cut: no more can be bought'),
    wetSince,
    price: price.describe('Of one sheet'),
  }),
  z.object({
    kind: z.literal('loose'),
    ...common,
    medium: MEDIUM_ID,
    volume: bounded(SHELF_BOUNDS.volume).describe('On hand, m³'),
    packVolume: bounded(SHELF_BOUNDS.packVolume).nullable().describe('Volume of a packet, m³'),
    wetSince,
    price: price.describe('Of a packet'),
  }),
  z.object({
    kind: z.literal('piece'),
    ...common,
    medium: MEDIUM_ID,
    count,
    wetSince,
    price: price.describe('Of one'),
  }),
  z.object({
    kind: z.literal('bag'),
    ...common,
    volume: bounded(SHELF_BOUNDS.bagVolume).describe('Capacity, m³'),
    count,
    price: price.describe('Of one'),
  }),
  z.object({
    kind: z.literal('spare'),
    ...common,
    part: z.enum(SPARES),
    count,
    price: price.describe('Of one'),
  }),
]);
export type ShelfItem = z.infer<typeof ShelfItemSchema>;
export type SheetItem = Extract<ShelfItem, { kind: 'sheet' }>;
export type LooseItem = Extract<ShelfItem, { kind: 'loose' }>;

/** What a keeper has on hand and knows the price of: one shelf for all filters. */
export const ShelfSchema = z
  .object({
    /** Constant: there is one shelf. */
    id: z.literal('shelf'),
    items: z.array(ShelfItemSchema).max(MAX_ITEMS, `The shelf can hold at most ${MAX_ITEMS} items.`),
  })
  .refine(({ items }) => new Set(items.map(({ id }) => id)).size === items.length, {
    path: ['items'],
    error: 'Two items on the shelf have the same id.',
  });
export type Shelf = z.infer<typeof ShelfSchema>;

export const EMPTY_SHELF: Shelf = { id: 'shelf', items: [] };
