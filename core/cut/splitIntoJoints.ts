import type { CutPiece } from './cutPiece';
import { fitsOn, type Size } from './fillSheet';
import { boxOf } from './outline';

/** Most parts that a long piece is joined from. */
const MAX_PARTS = 12;

/**
 * A piece that no sheet is long enough for, as parts that meet edge to edge; null where even that does not help. Discs are
 * not joined: the water finds the joint.
 *
 * @param sheets sizes there are
 */
export function splitIntoJoints(piece: CutPiece, sheets: readonly Size[]): CutPiece[] | null {
  if (sheets.some((sheet) => fitsOn(boxOf(piece.outline), sheet))) return [piece];
  const { outline } = piece;
  if (outline.form === 'disc') return null;
  const lengthwise = outline.length >= outline.width;
  for (let parts = 2; parts <= MAX_PARTS; parts += 1) {
    const size = lengthwise
      ? { length: outline.length / parts, width: outline.width }
      : { length: outline.length, width: outline.width / parts };
    if (!sheets.some((sheet) => fitsOn(size, sheet))) continue;
    return Array.from({ length: parts }, (_, part) => ({
      ...piece,
      id: `${piece.id}/${part}`,
      part: [piece.part, `joined piece ${part + 1} of ${parts}`].filter((text) => text !== '').join(', '),
      // Corners and the notch belong to the whole piece: they are trimmed once it is put together.
      outline: { ...outline, ...size, corner: 0, notch: null },
    }));
  }
  return null;
}
