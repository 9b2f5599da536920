import type { CutPiece } from './cutPiece';
import { fitsOn, type Size } from './fillSheet';
import { boxOf } from './outline';

/**
 * A piece that is larger than every sheet by no more than its grip, made as large as a sheet: as large as its place, it
 * still reaches the walls. Any other piece as it is.
 *
 * @param sheets sizes there are, m
 * @example trimToSheet(padFor(20, 20), [{ length: 0.2, width: 0.2 }]) // a piece of 20 × 20 cm
 */
export function trimToSheet(piece: CutPiece, sheets: readonly Size[]): CutPiece {
  const { outline, grip } = piece;
  const box = boxOf(outline);
  if (sheets.some((sheet) => fitsOn(box, sheet))) return piece;
  const place = { length: box.length - grip.length, width: box.width - grip.width };
  const trimmed = sheets
    .flatMap((sheet) => [sheet, { length: sheet.width, width: sheet.length }])
    .filter((sheet) => place.length <= sheet.length + EXACT && place.width <= sheet.width + EXACT)
    .map((sheet) => ({
      length: Math.min(box.length, sheet.length),
      width: Math.min(box.width, sheet.width),
    }));
  if (trimmed.length === 0) return piece;
  const { length, width } = trimmed.reduce((best, size) =>
    size.length * size.width > best.length * best.width ? size : best,
  );
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

/** What arithmetic loses on a length, m. */
const EXACT = 1e-9;
