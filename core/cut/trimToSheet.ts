import type { CutPiece } from './cutPiece';
import { fitsOn, type Size } from './fillSheet';
import { boxOf } from './outline';

/** What arithmetic loses on a length, m. */
const EXACT = 1e-9;

/**
 * A piece that is larger than every sheet by no more than its grip, made as large as a sheet: as large as its place, it
 * still reaches the walls. Any other piece as it is.
 *
 * @param sheets sizes there are, m, those that are taken first before the others: at hand, then to be bought
 */
export function trimToSheet(piece: CutPiece, ...sheets: readonly (readonly Size[])[]): CutPiece {
  const box = boxOf(piece.outline);
  for (const some of sheets) {
    if (some.some((sheet) => fitsOn(box, sheet))) return piece;
    const size = largestOn(piece, some);
    if (size !== null) return resized(piece, size);
  }
  return piece;
}

/** The largest that a piece can be on one of some sheets, if that is as large as its place; null: none is. */
function largestOn({ outline, grip }: CutPiece, sheets: readonly Size[]): Size | null {
  const box = boxOf(outline);
  const place = { length: box.length - grip.length, width: box.width - grip.width };
  return sheets
    .flatMap((sheet) => [sheet, { length: sheet.width, width: sheet.length }])
    .filter((sheet) => place.length <= sheet.length + EXACT && place.width <= sheet.width + EXACT)
    .map((sheet) => ({
      length: Math.min(box.length, sheet.length),
      width: Math.min(box.width, sheet.width),
    }))
    .reduce<Size | null>(
      (best, size) => (best === null || size.length * size.width > best.length * best.width ? size : best),
      null,
    );
}

function resized(piece: CutPiece, { length, width }: Size): CutPiece {
  const { outline, grip } = piece;
  const box = boxOf(outline);
  return {
    ...piece,
    outline:
      outline.form === 'disc'
        ? { ...outline, diameter: Math.min(length, width) }
        : { ...outline, length, width },
    grip: {
      length: grip.length - (box.length - length),
      width: grip.width - (box.width - width),
    },
  };
}
