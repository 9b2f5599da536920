import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { EMPTY_SHELF, type Shelf } from '../shelf/shelf';
import type { CutPiece } from './cutPiece';
import { cutPieces } from './cutPieces';
import { cutPlan } from './cutPlan';
import { boxOf } from './outline';
import { trimToSheet } from './trimToSheet';

const pieceOf = (kind: 'canister-down-flow' | 'canister-centre-pipe'): CutPiece => {
  const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'F');
  const [piece] = cutPieces(filter, [plainLayer('pad', 'foam-30', 'tray-1', 0.03)], () => [0.03]);
  return piece!;
};
const square = (side: number) => ({ length: side, width: side });

describe('trimToSheet', () => {
  it.each(['canister-down-flow', 'canister-centre-pipe'] as const)(
    'makes a piece of %s as large as a sheet that is as large as its place',
    (kind) => {
      const piece = pieceOf(kind);
      const { length } = boxOf(piece.outline);
      const place = length - piece.grip.length;
      expect(piece.grip.length).toBeGreaterThan(0);
      const trimmed = trimToSheet(piece, [square(place)]);
      expect(boxOf(trimmed.outline).length).toBeCloseTo(place, 9);
      expect(trimmed.grip.length).toBeCloseTo(0, 9);
      // Of two sheets, the one that leaves most of the grip.
      const half = place + piece.grip.length / 2;
      expect(boxOf(trimToSheet(piece, [square(place), square(half)]).outline).length).toBeCloseTo(half, 9);
    },
  );

  it('leaves a piece as it is where a sheet holds it, and where none is as large as its place', () => {
    const piece = pieceOf('canister-down-flow');
    const place = boxOf(piece.outline).length - piece.grip.length;
    expect(trimToSheet(piece, [square(0.5)])).toBe(piece);
    expect(trimToSheet(piece, [square(place - 1e-3)])).toBe(piece);
    expect(trimToSheet(piece, [])).toBe(piece);
  });

  it('lets a cut plan use a sheet that is exactly as large as a tray', () => {
    const piece = pieceOf('canister-down-flow');
    const place = boxOf(piece.outline).length - piece.grip.length;
    const shelf: Shelf = {
      ...EMPTY_SHELF,
      items: [
        {
          kind: 'sheet',
          id: 'pad',
          label: '',
          medium: 'foam-30',
          ...square(place),
          thickness: 0.03,
          count: 1,
          offcut: true,
          price: null,
        },
      ],
    };
    const [group] = cutPlan([piece], shelf);
    expect(group).toMatchObject({ tooLarge: [], bought: 0 });
    expect(group!.sheets.map(({ itemId }) => itemId)).toEqual(['pad']);
  });
});
