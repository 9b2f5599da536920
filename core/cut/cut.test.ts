import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Filter } from '../filter/filter';
import { plainLayer } from '../layers/plainLayer';
import { mediumById } from '../media/catalogue';
import { sheetItem } from '../shelf/itemsForTests';
import { EMPTY_SHELF, type SheetItem, type Shelf } from '../shelf/shelf';
import { afterCutting, cutChanges, cutRecord } from './afterCutting';
import type { CutPiece } from './cutPiece';
import { cutPieces } from './cutPieces';
import { cutPlan, thicknessesOn } from './cutPlan';
import { fillSheet, type Part, type Placement, type Size } from './fillSheet';
import { gripOf } from './grip';
import { knifeCuts } from './knifeCuts';
import { newLayers } from './newLayers';
import { offcutsOf } from './offcuts';
import { outlineArea } from './outline';
import { leastBought, packSheets } from './packSheets';
import { stackFromSheets } from './stackFromSheets';

const parts = (...sizes: (readonly [length: number, width: number])[]): Part[] =>
  sizes.map(([length, width], index) => ({ id: `p${index}`, length, width }));
const box = ({ x, y, length, width, turned }: Placement) => ({
  x,
  y,
  right: x + (turned ? width : length),
  top: y + (turned ? length : width),
});
/** Throws when two pieces overlap or one sticks out of its sheet. */
function expectSound(placed: readonly Placement[], sheet: Size): void {
  const boxes = placed.map(box);
  boxes.forEach((a, index) => {
    expect(a.x).toBeGreaterThanOrEqual(-1e-9);
    expect(a.right).toBeLessThanOrEqual(sheet.length + 1e-4);
    expect(a.top).toBeLessThanOrEqual(sheet.width + 1e-4);
    for (const b of boxes.slice(index + 1))
      expect(a.x < b.right - 1e-6 && b.x < a.right - 1e-6 && a.y < b.top - 1e-6 && b.y < a.top - 1e-6).toBe(
        false,
      );
  });
}
const foam = (change: Partial<SheetItem> = {}) =>
  sheetItem('foam-30', 0.03, { id: 's', price: null, ...change });
const shelf = (...items: SheetItem[]): Shelf => ({ ...EMPTY_SHELF, items });
const tray = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const round = presetFilter('canister-centre-pipe', { id: 'f', tankId: 't' }, 'Test');
const pieces = (filter: Filter, on: Shelf, ...layers: ReturnType<typeof plainLayer>[]): CutPiece[] =>
  cutPieces(filter, layers, thicknessesOn(on));

describe('packSheets', () => {
  // Source: instances with a known optimum: a sheet cut into rectangles goes together again on one sheet.
  it.each([
    [
      'four quarters',
      [0.5, 0.5],
      [
        [0.25, 0.25],
        [0.25, 0.25],
        [0.25, 0.25],
        [0.25, 0.25],
      ],
    ],
    [
      'a pinwheel',
      [0.5, 0.5],
      [
        [0.3, 0.2],
        [0.3, 0.2],
        [0.3, 0.2],
        [0.3, 0.2],
        [0.1, 0.1],
      ],
    ],
    [
      'strips of three widths',
      [0.6, 0.4],
      [
        [0.6, 0.1],
        [0.6, 0.1],
        [0.3, 0.2],
        [0.3, 0.2],
      ],
    ],
    ['nine tiles', [0.45, 0.3], Array.from({ length: 9 }, () => [0.15, 0.1] as const)],
  ] as const)('puts %s on one sheet', (_, [length, width], sizes) => {
    const packed = packSheets(parts(...sizes), [], { length, width });
    expect(packed.bought).toBe(1);
    expectSound(packed.sheets[0]!.filled.placed, { length, width });
    expect(packed.left).toEqual([]);
  });

  // By hand: two pieces of 30 × 30 cm never share a sheet of 50 × 50, though their area would.
  it('buys what geometry asks for, where area alone would do with less', () => {
    const all = parts([0.3, 0.3], [0.3, 0.3]);
    const sheet = { length: 0.5, width: 0.5 };
    expect(packSheets(all, [], sheet).bought).toBe(2);
    expect(leastBought(all, [], sheet)).toBe(1);
  });

  it('takes what is there before it buys, and the smallest that will do', () => {
    const stock = [
      { itemId: 'large', length: 1, width: 1 },
      { itemId: 'small', length: 0.25, width: 0.2 },
    ];
    const packed = packSheets(parts([0.2, 0.25]), stock, { length: 0.5, width: 0.5 });
    expect(packed.bought).toBe(0);
    expect(packed.sheets.map(({ itemId }) => itemId)).toEqual(['small']);
  });

  it('places every part once and soundly, never fewer sheets than the area needs', () => {
    const side = fc.double({ min: 0.03, max: 0.48, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(side, side), { minLength: 1, maxLength: 10 }), (sizes) => {
        const sheet = { length: 0.5, width: 0.5 };
        const all = parts(...sizes);
        const packed = packSheets(all, [], sheet);
        const placed = packed.sheets.flatMap(({ filled }) => filled.placed);
        expect(placed.map(({ id }) => id).sort()).toEqual(all.map(({ id }) => id).sort());
        packed.sheets.forEach(({ filled }) => expectSound(filled.placed, sheet));
        expect(packed.bought).toBeGreaterThanOrEqual(leastBought(all, [], sheet));
      }),
      { numRuns: 30 },
    );
  });

  it('leaves over what no sheet is large enough for', () => {
    expect(packSheets(parts([0.9, 0.1]), [], { length: 0.5, width: 0.5 }).left).toHaveLength(1);
    expect(fillSheet(parts([0.9, 0.1]), { length: 0.5, width: 0.5 }, 0).placed).toEqual([]);
  });
});

describe('off-cuts', () => {
  // By hand: a corner of 20 × 20 cut from 50 × 50 leaves 50 × 30 and 30 × 20, and no more.
  it('are all that is left in whole rectangles, none twice', () => {
    const sheet = { length: 0.5, width: 0.5 };
    const { free } = fillSheet(parts([0.2, 0.2]), sheet, 0);
    const kept = offcutsOf(free);
    expect(kept.reduce((sum, { length, width }) => sum + length * width, 0)).toBeCloseTo(0.21, 6);
    expectSound(
      kept.map((rest, index) => ({ ...rest, id: `${index}`, turned: false })),
      sheet,
    );
  });
});

describe('knifeCuts', () => {
  // By hand: quarters of a sheet need two cuts right across it.
  it('shares a cut between neighbours, and needs none at the edge of the sheet', () => {
    const { sheets } = packSheets(parts([0.25, 0.25], [0.25, 0.25], [0.25, 0.25], [0.25, 0.25]), [], {
      length: 0.5,
      width: 0.5,
    });
    expect(knifeCuts(sheets[0]!.filled.placed, { length: 0.5, width: 0.5 })).toEqual({ count: 2, length: 1 });
  });
});

describe('pieces', () => {
  // By hand: π/4·(20² − 4²) cm², and 20 × 10 less the corners of 1 cm.
  it('have the area of their outline', () => {
    expect(outlineArea({ form: 'disc', diameter: 0.2, bore: 0.04 })).toBeCloseTo(0.030159, 6);
    expect(
      outlineArea({ form: 'rectangle', length: 0.2, width: 0.1, corner: 0.01, notch: null }),
    ).toBeCloseTo(0.02 - (4 - Math.PI) * 1e-4, 9);
  });

  // Common practice, no source: foam is cut a little oversize so that it grips.
  it('are cut a little larger than the tray, soft pads more, trimmed ones as they were trimmed', () => {
    const [pad] = pieces(tray, EMPTY_SHELF, plainLayer('a', 'foam-30', 'tray-4', 0.03));
    const side = tray.chambers.find(({ id }) => id === 'tray-4')!.shape;
    if (side.form !== 'box' || pad?.outline.form !== 'rectangle') throw new Error('A tray is a box.');
    expect(pad.outline.length - side.length).toBeCloseTo(0.003, 6);
    expect(gripOf(mediumById('floss-bonded'), 'canister-down-flow', 0.2)).toBeGreaterThan(
      gripOf(mediumById('foam-30'), 'canister-down-flow', 0.2),
    );
    expect(gripOf(mediumById('foam-30'), 'hang-on-back-basket', 0.1)).toBeLessThan(0.002);
    const cut = { length: 0.15, width: 0.12 };
    const [trimmed] = pieces(tray, EMPTY_SHELF, { ...plainLayer('a', 'foam-30', 'tray-4', 0.03), cut });
    expect(trimmed?.outline).toMatchObject(cut);
  });

  it('are discs with a hole around a centre pipe', () => {
    const [disc] = pieces(round, EMPTY_SHELF, plainLayer('a', 'foam-30', 'tray-1', 0.03));
    if (disc?.outline.form !== 'disc') throw new Error('A round tray takes discs.');
    expect(disc.outline.diameter).toBeGreaterThan(0.19);
    expect(disc.outline.bore).toBeGreaterThan(0.02);
    expect(disc.outline.bore).toBeLessThan(0.03);
  });

  // By hand: a basket 10 mm narrower at the bottom over 100 mm; a pad of 30 mm from 20 mm up is widest at 50 mm.
  it('are bevelled for a basket that narrows, and follow its corners', () => {
    const filter: Filter = {
      ...tray,
      chambers: tray.chambers.map((chamber) => ({
        ...chamber,
        way: 'up' as const,
        depth: 0.1,
        stop: null,
        narrows: 0.01,
        cornerRadius: 0.012,
        shape: { form: 'box' as const, length: 0.1, width: 0.08 },
      })),
    };
    const chamber = filter.chambers[0]!.id;
    const [, pad] = pieces(
      filter,
      EMPTY_SHELF,
      plainLayer('s', 'foam-15', chamber, 0.02),
      plainLayer('a', 'foam-30', chamber, 0.03),
    );
    expect(pad?.bevel).toBeCloseTo(0.003, 6);
    expect(pad?.outline).toMatchObject({ length: 0.103, width: 0.083, corner: 0.012 });
  });

  it('line the walls of a shell, and unroll a sleeve', () => {
    const filter = presetFilter('canister-outside-in', { id: 'f', tankId: 't' }, 'Test');
    const shell = filter.chambers.find(({ shape }) => shape.form === 'perimeter')!;
    if (shell.shape.form !== 'perimeter') throw new Error('It is a shell.');
    const walls = pieces(filter, EMPTY_SHELF, plainLayer('a', 'foam-15', shell.id, 0.02));
    // By hand: four walls whose volume is that of the shell: 2·t·(L + W − 2t)·H, but for the grip.
    const volume = walls.reduce((sum, { outline, thickness }) => sum + outlineArea(outline) * thickness, 0);
    const { length, width, height } = shell.shape;
    expect(volume / (2 * 0.02 * (length + width - 0.04) * height)).toBeGreaterThan(1);
    expect(volume / (2 * 0.02 * (length + width - 0.04) * height)).toBeLessThan(1.06);
    const sponge = presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Test');
    const sleeve = sponge.chambers[0]!;
    if (sleeve.shape.form !== 'sleeve') throw new Error('It is a sleeve.');
    const [unrolled] = pieces(sponge, EMPTY_SHELF, plainLayer('a', 'foam-30', sleeve.id, 0.02));
    expect(unrolled?.outline).toMatchObject({ width: sleeve.shape.height });
    if (unrolled?.outline.form !== 'rectangle') throw new Error('It is unrolled.');
    // By hand: round the middle of a wall of 20 mm.
    expect(unrolled.outline.length).toBeCloseTo(Math.PI * (sleeve.shape.diameter - 0.02), 3);
  });

  it('are stacked from the sheets there are', () => {
    expect(stackFromSheets(0.04, [0.02, 0.03])).toEqual({ plies: 2, thickness: 0.02 });
    expect(stackFromSheets(0.05, [0.05, 0.025])).toEqual({ plies: 1, thickness: 0.05 });
    // 45 mm from 50 mm is pressed a little; 35 mm from 50 mm is not.
    expect(stackFromSheets(0.045, [0.05]).thickness).toBe(0.05);
    expect(stackFromSheets(0.035, [0.05])).toEqual({ plies: 1, thickness: 0.035 });
    expect(stackFromSheets(0.25, [])).toEqual({ plies: 3, thickness: 0.25 / 3 });
    const on = shelf(foam({ thickness: 0.02, count: 3 }));
    expect(pieces(tray, on, plainLayer('a', 'foam-30', 'tray-4', 0.04)).map(({ part }) => part)).toEqual([
      'sheet 1 of 2',
      'sheet 2 of 2',
    ]);
  });
});

describe('newLayers', () => {
  const old = plainLayer('a', 'foam-30', 'tray-4', 0.03);
  it.each([
    ['was not there', old, [], true],
    ['is the same', old, [old], false],
    ['is of another medium', { ...old, medium: 'foam-45' }, [old], true],
    ['is thicker', { ...old, thickness: 0.04 }, [old], true],
    ['is thinner', { ...old, thickness: 0.02 }, [old], false],
    ['is only pressed', { ...old, thickness: 0.024, compressionRatio: 0.8 }, [old], false],
    ['reached the walls and is trimmed', { ...old, cut: { length: 0.1, width: 0.1 } }, [old], false],
    ['was cut too small', old, [{ ...old, cut: { length: 0.1, width: 0.1 } }], true],
  ])('a piece that %s', (_, planned, found, expected) => {
    expect(newLayers(tray, [planned], found).has('a')).toBe(expected);
  });
});

describe('cutPlan', () => {
  const pad = plainLayer('a', 'foam-30', 'tray-4', 0.03);
  it('says what is bought, that it is proven least, and keeps off-cuts', () => {
    const [group] = cutPlan(pieces(tray, shelf(foam()), pad), shelf(foam()));
    expect(group).toMatchObject({ bought: 1, leastBought: 1, tooLarge: [] });
    expect(group!.offcutsArea).toBeGreaterThan(0.5 * (group!.sheetsArea - group!.piecesArea));
    // By hand: what is cut, what is kept and what is waste are the sheet.
    expect(group!.piecesArea + group!.offcutsArea).toBeLessThanOrEqual(group!.sheetsArea + 1e-9);
  });

  it('uses an off-cut, buys nothing, and takes it off the shelf', () => {
    const on = shelf(foam(), foam({ id: 'o', offcut: true, count: 1, length: 0.21, width: 0.21 }));
    const groups = cutPlan(pieces(tray, on, pad), on);
    expect(groups[0]).toMatchObject({ bought: 0, buy: null });
    expect(groups[0]?.sheets[0]?.from).toBe('off-cut');
    const after = afterCutting(on, groups, () => 'new');
    expect(after.items.map(({ id }) => id)).toEqual(['s']);
  });

  it('uses sheets on the shelf up, never below none, and lays off-cuts there by size', () => {
    const on = shelf(foam({ count: 1 }));
    const after = afterCutting(on, cutPlan(pieces(tray, on, pad), on), () => 'new');
    expect(after.items.find(({ id }) => id === 's')).toMatchObject({ count: 0 });
    expect(after.items.filter((item) => item.kind === 'sheet' && item.offcut).length).toBeGreaterThan(0);
  });

  it('takes a usual sheet where the shelf knows none, and the cheaper of two', () => {
    const [group] = cutPlan(pieces(tray, EMPTY_SHELF, pad), EMPTY_SHELF);
    expect(group?.buy).toEqual({ length: 0.5, width: 0.5, itemId: null, price: null });
    const two = shelf(
      foam({ id: 'dear', price: 20 }),
      foam({ id: 'cheap', length: 0.3, width: 0.3, price: 6 }),
    );
    expect(cutPlan(pieces(tray, two, pad), two)[0]?.buy?.itemId).toBe('cheap');
  });

  it('joins a piece that is longer than any sheet, and says of a disc that none is large enough', () => {
    const small = shelf(foam({ length: 0.25, width: 0.11 }));
    const [group] = cutPlan(pieces(tray, small, pad), small);
    expect(group?.tooLarge).toEqual([]);
    expect(group?.sheets.flatMap(({ placed }) => placed.map(({ piece }) => piece.part))).toEqual([
      'joined piece 1 of 2',
      'joined piece 2 of 2',
    ]);
    const disc = plainLayer('a', 'foam-30', 'tray-1', 0.03);
    expect(cutPlan(pieces(round, small, disc), small)[0]?.tooLarge).toHaveLength(1);
  });

  it('notices a plan that changed after it was cut', () => {
    const before = pieces(tray, EMPTY_SHELF, pad);
    const record = cutRecord(before, '2026-11-27T10:00:00Z');
    expect(cutChanges(record, before)).toEqual({ missing: [], notNeeded: 0 });
    const thicker = pieces(tray, EMPTY_SHELF, { ...pad, thickness: 0.04 });
    expect(cutChanges(record, thicker)).toEqual({ missing: thicker, notNeeded: 1 });
    expect(cutChanges(null, before).missing).toEqual(before);
    // Moved to another tray it is the same piece.
    expect(cutChanges(record, pieces(tray, EMPTY_SHELF, { ...pad, chamber: 'tray-3' })).missing).toEqual([]);
  });
});
