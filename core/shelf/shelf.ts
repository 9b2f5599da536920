import { z } from 'zod';
import { IdSchema, MomentSchema } from '../document/fields';
import { MEDIUM_ID } from '../document/mediumId';
import { bounded } from '../units/bounded';
import { LONGEST_LABEL, MAX_COUNT, MAX_ITEMS, SHELF_BOUNDS } from './shelfBounds';
import { SPARES } from './spares';

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
