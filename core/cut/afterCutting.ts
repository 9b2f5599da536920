import { SHEET_TOLERANCE, FOAM_GIVE } from '../practice/handTolerances';
import type { CutRecord } from '../job/job';
import type { Shelf, ShelfItem } from '../shelf/shelf';
import type { CutGroup } from './cutPlan';
import type { CutPiece } from './cutPiece';
import { boxOf } from './outline';

/**
 * The shelf once a plan is cut: its sheets are used up, bought ones with them, and off-cuts worth keeping lie there by
 * size.
 *
 * @param newId gives each new off-cut its id
 */
export function afterCutting(shelf: Shelf, groups: readonly CutGroup[], newId: () => string): Shelf {
  const used = new Map<string, number>();
  for (const { itemId } of groups.flatMap(({ sheets }) => sheets))
    if (itemId !== null) used.set(itemId, (used.get(itemId) ?? 0) + 1);
  let items: ShelfItem[] = shelf.items.map((item) =>
    item.kind === 'sheet' ? { ...item, count: Math.max(0, item.count - (used.get(item.id) ?? 0)) } : item,
  );
  for (const { medium, thickness, sheets } of groups)
    for (const { length, width } of sheets.flatMap(({ offcuts }) => offcuts)) {
      const same = items.find(
        (item) =>
          item.kind === 'sheet' &&
          item.offcut &&
          item.medium === medium.id &&
          [item.length - length, item.width - width, item.thickness - thickness].every(
            (off) => Math.abs(off) < SHEET_TOLERANCE,
          ),
      );
      items =
        same === undefined
          ? [
              ...items,
              {
                kind: 'sheet',
                id: newId(),
                label: '',
                medium: medium.id,
                length,
                width,
                thickness,
                count: 1,
                offcut: true,
                price: null,
              },
            ]
          : items.map((item) =>
              item === same && item.kind === 'sheet' ? { ...item, count: item.count + 1 } : item,
            );
    }
  // An off-cut that is used up is gone; a sheet that is used up can be bought again.
  return {
    ...shelf,
    items: items.filter((item) => item.kind !== 'sheet' || !item.offcut || item.count > 0),
  };
}

/** What was cut, as it is kept with the repack. */
export const cutRecord = (pieces: readonly CutPiece[], at: string): CutRecord => ({
  at,
  pieces: pieces.map(({ layerId, outline, thickness }) => ({ layerId, ...boxOf(outline), thickness })),
});

/** How a plan differs from what was cut for it. */
export interface CutChanges {
  /** Pieces that are asked for now and were not cut. */
  readonly missing: readonly CutPiece[];
  /** How many were cut and are not asked for any more. */
  readonly notNeeded: number;
}

/**
 * How a plan differs from what was cut for it; a piece that moved to another layer is still the same piece.
 *
 * @param record null: nothing was cut yet, and everything is missing
 */
export function cutChanges(record: CutRecord | null, pieces: readonly CutPiece[]): CutChanges {
  const cut = [...(record?.pieces ?? [])];
  const missing = pieces.filter(({ outline, thickness }) => {
    const { length, width } = boxOf(outline);
    const found = cut.findIndex((candidate) =>
      [candidate.length - length, candidate.width - width, candidate.thickness - thickness].every(
        (off) => Math.abs(off) < FOAM_GIVE,
      ),
    );
    if (found >= 0) cut.splice(found, 1);
    return found < 0;
  });
  return { missing, notNeeded: cut.length };
}
