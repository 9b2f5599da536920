import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE, mediumById } from '../media/catalogue';
import { outlinePath } from '../prepare/templates';
import { EMPTY_SHELF, type SheetItem, type Shelf } from '../shelf/shelf';
import type { CutPiece } from './cutPiece';
import { cutPieces } from './cutPieces';
import { cutPlan, thicknessesOn } from './cutPlan';
import { gripOf } from './grip';
import { splitIntoJoints } from './splitIntoJoints';
import { knifeCuts } from './knifeCuts';
import { boxOf, outlineArea, type Outline } from './outline';
import { piecesToCut } from './piecesToCut';
import { stackFromSheets } from './stackFromSheets';

const hang = presetFilter('hang-on-back-basket', { id: 'h', tankId: 't' }, 'Window');
const tray = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Cellar');
const rectangle = (length: number, width: number): Extract<Outline, { form: 'rectangle' }> => ({
  form: 'rectangle',
  length,
  width,
  corner: 0,
  notch: null,
});
const piece = (outline: Outline, change: Partial<CutPiece> = {}): CutPiece => ({
  id: 'p',
  layerId: 'l',
  filterName: 'Test',
  medium: mediumById('foam-30'),
  layerNumber: 1,
  part: '',
  outline,
  grip: { length: 0, width: 0 },
  thickness: 0.03,
  bevel: 0,
  ...change,
});
const sheets = (...items: Partial<SheetItem>[]): Shelf => ({
  ...EMPTY_SHELF,
  items: items.map((item, index) => ({
    kind: 'sheet',
    id: `s${index}`,
    label: '',
    medium: 'foam-30',
    length: 0.5,
    width: 0.5,
    thickness: 0.03,
    count: 1,
    offcut: false,
    price: null,
    ...item,
  })),
});
const side = fc.double({ min: 0.03, max: 1.5, noNaN: true });

describe('gripOf', () => {
  it('is a few millimetres, never more than a small piece can take', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CATALOGUE), side, (medium, length) => {
        for (const kind of ['canister-down-flow', 'hang-on-back-basket'] as const) {
          const grip = gripOf(medium, kind, length);
          expect(grip).toBeGreaterThan(0);
          expect(grip).toBeLessThanOrEqual(Math.min(0.005, 0.04 * length));
        }
      }),
    );
  });
});

describe('stackFromSheets', () => {
  it('builds about the thickness that is asked for, whatever sheets there are', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 0.3, noNaN: true }),
        fc.array(fc.double({ min: 0.005, max: 0.1, noNaN: true }), { maxLength: 4 }),
        (free, thicknesses) => {
          const { plies, thickness } = stackFromSheets(free, thicknesses);
          expect(plies).toBeGreaterThanOrEqual(1);
          expect(Math.abs(plies * thickness - free) / free).toBeLessThanOrEqual(0.12 + 1e-9);
        },
      ),
    );
  });
});

describe('splitIntoJoints', () => {
  it('leaves a piece whole that fits, and loses nothing of one that is joined', () => {
    fc.assert(
      fc.property(side, side, (length, width) => {
        const found = splitIntoJoints(piece(rectangle(length, width)), [{ length: 0.5, width: 0.4 }]);
        if (found === null) {
          // Neither side fits on the sheet’s shorter one: no straight joint helps.
          expect(Math.min(length, width)).toBeGreaterThan(0.4);
          return;
        }
        const area = found.reduce((sum, part) => sum + outlineArea(part.outline), 0);
        expect(area).toBeCloseTo(length * width, 9);
        expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
        if (found.length > 1) expect(found[0]?.part).toBe(`joined piece 1 of ${found.length}`);
      }),
    );
  });

  it('never joins a disc: the water would find the joint', () => {
    const disc = piece({ form: 'disc', diameter: 0.4, bore: 0 });
    expect(splitIntoJoints(disc, [{ length: 0.3, width: 0.3 }])).toBeNull();
    expect(splitIntoJoints(disc, [{ length: 0.4, width: 0.4 }])).toEqual([disc]);
  });
});

describe('outlines', () => {
  it('fill their box but for corners, holes and notches, and are drawn closed', () => {
    fc.assert(
      fc.property(side, side, fc.double({ min: 0, max: 0.5, noNaN: true }), (length, width, round) => {
        const outline = { ...rectangle(length, width), corner: round * Math.min(length, width) };
        const box = boxOf(outline);
        expect(outlineArea(outline)).toBeLessThanOrEqual(box.length * box.width + 1e-12);
        // A full round on a square is a circle: π/4 of it is left.
        expect(outlineArea(outline)).toBeGreaterThanOrEqual((Math.PI / 4) * box.length * box.width - 1e-9);
        expect(outlinePath(outline)).toMatch(/^M[^Z]*Z$/);
      }),
    );
  });
});

describe('a notch', () => {
  const withNotch = (aboveLip: number, width: number): Filter => ({
    ...hang,
    spill: { ...hang.spill!, notch: { aboveLip, width } },
  });
  const basket = hang.chambers.at(-1)!;
  const cut = (filter: Filter, thickness: number) =>
    cutPieces(filter, [plainLayer('a', 'foam-30', basket.id, thickness)], () => []).at(-1)!.outline;

  it('is kept open by a piece that would stand before it, and by no other', () => {
    const crest = hang.spill!.lipAboveFloor;
    const notched = cut(withNotch(0.005, 0.03), crest + 0.02);
    expect(notched).toMatchObject({ notch: { width: 0.03 } });
    expect(cut(withNotch(0.005, 0.03), crest / 2)).toMatchObject({ notch: null });
    // An open edge as wide as the basket needs none.
    expect(cut(withNotch(0.005, 0.5), crest + 0.02)).toMatchObject({ notch: null });
    expect(cut({ ...hang, spill: { ...hang.spill!, notch: null } }, crest + 0.02)).toMatchObject({
      notch: null,
    });
  });
});

describe('piecesToCut', () => {
  const pad = plainLayer('a', 'foam-30', 'tray-4', 0.04);
  it('keeps the thickness that was cut, once the sheet it came from is gone', () => {
    const thick = sheets({ thickness: 0.02, offcut: true, count: 2 });
    const before = piecesToCut(tray, [pad], [], thick, null);
    expect(before.anew.map(({ thickness }) => thickness)).toEqual([0.02, 0.02]);
    const record = {
      at: '2026-11-27T10:00:00Z',
      pieces: before.anew.map(({ layerId, outline, thickness }) => ({
        layerId,
        ...boxOf(outline),
        thickness,
      })),
    };
    expect(piecesToCut(tray, [pad], [], EMPTY_SHELF, record).anew.map(({ thickness }) => thickness)).toEqual([
      0.02, 0.02,
    ]);
    expect(piecesToCut(tray, [pad], [], EMPTY_SHELF, null).anew.map(({ thickness }) => thickness)).toEqual([
      0.04,
    ]);
  });

  it('cuts nothing anew of what is in the filter', () => {
    const { all, anew } = piecesToCut(tray, [pad], [pad], EMPTY_SHELF, null);
    expect([all.length, anew.length]).toEqual([1, 0]);
  });
});

describe('the cut plan of any pack', () => {
  it('places or names every piece, buys no fewer than the area needs, and wastes nothing twice', () => {
    const layer = fc.record({
      medium: fc.constantFrom('foam-15', 'foam-30', 'floss-bonded'),
      tray: fc.constantFrom('tray-1', 'tray-2', 'tray-3', 'tray-4'),
      thickness: fc.double({ min: 0.01, max: 0.06, noNaN: true }),
    });
    const stock = fc.record({
      length: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
      width: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
      thickness: fc.constantFrom(0.02, 0.03),
      count: fc.nat(3),
      offcut: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(layer, { maxLength: 5 }), fc.array(stock, { maxLength: 3 }), (wanted, items) => {
        const on = sheets(...items);
        const layers = wanted.map(({ medium, tray: chamber, thickness }, index) =>
          plainLayer(`l${index}`, medium, chamber, thickness),
        );
        const pieces = cutPieces(tray, layers, thicknessesOn(on));
        const groups = cutPlan(pieces, on);
        const layerIds = groups.flatMap(({ sheets: planned, tooLarge }) => [
          ...planned.flatMap(({ placed }) => placed.map(({ piece: { layerId } }) => layerId)),
          ...tooLarge.map(({ layerId }) => layerId),
        ]);
        expect(new Set(layerIds)).toEqual(new Set(pieces.map(({ layerId }) => layerId)));
        for (const group of groups) {
          expect(group.bought).toBeGreaterThanOrEqual(group.tooLarge.length > 0 ? 0 : group.leastBought);
          expect(group.piecesArea + group.offcutsArea).toBeLessThanOrEqual(group.sheetsArea + 1e-6);
          for (const { placed, length, width, cuts } of group.sheets) {
            expect(knifeCuts(placed, { length, width })).toEqual(cuts);
            // No piece needs more than four straight cuts.
            expect(cuts.count).toBeLessThanOrEqual(4 * placed.length);
          }
          for (const { id, count } of items.map((item, index) => ({ ...item, id: `s${index}` })))
            expect(group.sheets.filter(({ itemId }) => itemId === id).length).toBeLessThanOrEqual(count);
        }
      }),
      { numRuns: 25 },
    );
  });
});
