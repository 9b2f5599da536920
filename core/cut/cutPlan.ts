import { SHEET_TOLERANCE } from '../practice/handTolerances';
import type { Medium } from '../media/medium';
import type { SheetItem, Shelf } from '../shelf/shelf';
import type { CutPiece } from './cutPiece';
import type { Placement, Size } from './fillSheet';
import { splitIntoJoints } from './splitIntoJoints';
import { knifeCuts, type KnifeCuts } from './knifeCuts';
import { offcutsOf } from './offcuts';
import { boxOf, outlineArea } from './outline';
import { leastBought, packSheets, type StockSheet } from './packSheets';
import { trimToSheet } from './trimToSheet';
import { sumOf } from '../maths/sum';

/** A sheet of a cut plan with the pieces on it. Lengths m. */
export interface PlannedSheet extends Size {
  /** Its place on the shelf; null: it must be bought. */
  readonly itemId: string | null;
  readonly from: 'off-cut' | 'shelf' | 'to buy';
  readonly placed: readonly (Placement & { readonly piece: CutPiece })[];
  readonly offcuts: readonly (Size & { readonly x: number; readonly y: number })[];
  readonly cuts: KnifeCuts;
}

/** All pieces of one medium and thickness. Areas m². */
export interface CutGroup {
  readonly medium: Medium;
  readonly thickness: number;
  readonly sheets: readonly PlannedSheet[];
  /** Pieces that no sheet is large enough for. */
  readonly tooLarge: readonly CutPiece[];
  readonly bought: number;
  /** Sheets that the area alone would have to be bought for: fewer cannot do. */
  readonly leastBought: number;
  /** The sheet that is bought: of the shelf’s list, or a usual size where the shelf knows none. */
  readonly buy: (Size & { readonly itemId: string | null; readonly price: number | null }) | null;
  readonly piecesArea: number;
  readonly sheetsArea: number;
  readonly offcutsArea: number;
  /** Share of the sheets that is neither piece nor off-cut, 0–1. */
  readonly waste: number;
}

/** Sheet that is taken where the shelf knows none that can be bought (common practice, no source). */
export const USUAL_SHEET: Size = { length: 0.5, width: 0.5 };
/** Most sheets of one kind that are looked at: more are never needed for one pack. */
const MAX_OF_ONE = 24;

const isSheet = (item: Shelf['items'][number]): item is SheetItem => item.kind === 'sheet';

/** Thicknesses of the sheets of a medium that are on the shelf, or can be bought, m. */
export const thicknessesOn =
  (shelf: Shelf) =>
  (medium: string): number[] => [
    ...new Set(
      shelf.items
        .filter(isSheet)
        .filter((item) => item.medium === medium && (item.count > 0 || !item.offcut))
        .map(({ thickness }) => thickness),
    ),
  ];

/**
 * Places the pieces of one or more packs on the sheets on the shelf, off-cuts too, and on sheets to buy: fewest bought,
 * then least sheet touched. The best of many tries; proven least where no more is bought than the area alone asks for.
 */
export function cutPlan(pieces: readonly CutPiece[], shelf: Shelf): CutGroup[] {
  const groups: CutPiece[][] = [];
  for (const piece of pieces) {
    const same = groups.find(
      ([first]) =>
        first?.medium.id === piece.medium.id && Math.abs(first.thickness - piece.thickness) < SHEET_TOLERANCE,
    );
    if (same === undefined) groups.push([piece]);
    else same.push(piece);
  }
  return groups.map((group) => planGroup(group, shelf));
}

function planGroup(pieces: readonly CutPiece[], shelf: Shelf): CutGroup {
  const [{ medium, thickness }] = pieces as [CutPiece, ...CutPiece[]];
  const items = shelf.items
    .filter(isSheet)
    .filter((item) => item.medium === medium.id && Math.abs(item.thickness - thickness) < SHEET_TOLERANCE);
  const stock = items.flatMap(({ id, length, width, count }): StockSheet[] =>
    Array.from({ length: Math.min(count, MAX_OF_ONE) }, () => ({ itemId: id, length, width })),
  );
  const sold = items.filter(({ offcut }) => !offcut);
  const offers: NonNullable<CutGroup['buy']>[] =
    sold.length > 0
      ? sold.map(({ id, length, width, price }) => ({ itemId: id, length, width, price }))
      : [{ ...USUAL_SHEET, itemId: null, price: null }];
  const sizes = [...stock, ...offers];
  const joined = pieces.map((piece) => ({
    piece,
    parts: splitIntoJoints(trimToSheet(piece, stock, offers), sizes),
  }));
  const parts = joined.flatMap((item) => item.parts ?? []);
  const byId = new Map(parts.map((piece) => [piece.id, piece]));
  const boxes = parts.map((piece) => ({ id: piece.id, ...boxOf(piece.outline) }));
  const tried = offers.map((buy) => ({ buy, packed: packSheets(boxes, stock, buy) }));
  const cost = ({ buy, packed }: (typeof tried)[number]): number =>
    packed.bought * (offers.every(({ price }) => price !== null) ? (buy.price ?? 0) : buy.length * buy.width);
  const { buy, packed } = tried.reduce((best, item) =>
    item.packed.left.length < best.packed.left.length ||
    (item.packed.left.length === best.packed.left.length && cost(item) < cost(best))
      ? item
      : best,
  );
  const offcutIds = new Set(items.filter(({ offcut }) => offcut).map(({ id }) => id));
  const sheets = packed.sheets.map(({ itemId, length, width, filled }): PlannedSheet => ({
    itemId,
    length,
    width,
    from: itemId === null ? 'to buy' : offcutIds.has(itemId) ? 'off-cut' : 'shelf',
    placed: filled.placed.map((place) => ({ ...place, piece: byId.get(place.id)! })),
    offcuts: offcutsOf(filled.free),
    cuts: knifeCuts(filled.placed, { length, width }),
  }));
  const left = new Set(packed.left.map(({ id }) => id));
  const piecesArea = sumOf(parts, (piece) => (left.has(piece.id) ? 0 : outlineArea(piece.outline)));
  const sheetsArea = sumOf(sheets, ({ length, width }) => length * width);
  const offcutsArea = sumOf(
    sheets.flatMap(({ offcuts }) => offcuts),
    ({ length, width }) => length * width,
  );
  return {
    medium,
    thickness,
    sheets,
    tooLarge: joined
      .filter((item) => item.parts === null || item.parts.some(({ id }) => left.has(id)))
      .map(({ piece }) => piece),
    bought: packed.bought,
    leastBought: leastBought(boxes, stock, buy),
    buy: packed.bought > 0 ? buy : null,
    piecesArea,
    sheetsArea,
    offcutsArea,
    waste: sheetsArea > 0 ? Math.max(0, 1 - (piecesArea + offcutsArea) / sheetsArea) : 0,
  };
}
