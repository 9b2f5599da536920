import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { madeOnlyOf } from '../layers/madeOnlyOf';
import { mediumById } from '../media/catalogue';
import type { Choice } from './choices';
import { packFromChoices, pieceVolume, pliesIn } from './packFromChoices';
import { freeDepthByChamber } from './freeDepthByChamber';

const choice = (medium: string, plies: readonly number[], volume = Infinity): Choice => ({
  key: medium,
  made: madeOnlyOf(medium),
  medium: mediumById(medium),
  plies,
  volume,
});
const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Canister');
const { main: slots } = freeDepthByChamber(canister, [], new Set(), 'every corner');
const COARSE = choice('foam-15', [0.03]);
const FLOSS = choice('floss-bonded', [0.02]);
const LAVA = choice('lava', []);

describe('pliesIn', () => {
  it('fills a room with as much as whole plies can', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 8, max: 40 }), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 10, max: 120 }),
        (plies, room) => {
          const sorted = [...plies].sort((a, b) => a - b);
          // What sums of plies there are, by trying every one.
          const reached = new Set([0]);
          for (let sum = 0; sum <= room; sum += 1)
            if (reached.has(sum)) for (const ply of sorted) reached.add(sum + ply);
          const best = Math.max(...[...reached].filter((sum) => sum <= room));
          const laid = pliesIn(
            sorted.map((ply) => ply / 1000),
            room / 1000,
          );
          expect(Math.round(laid.reduce((sum, { thickness }) => sum + thickness, 0) * 1000)).toBe(best);
          for (const { thickness, ply } of laid)
            expect(Math.abs(thickness / ply - Math.round(thickness / ply))).toBeLessThan(1e-9);
        },
      ),
    );
  });
});

describe('layOut', () => {
  it('lays what comes ahead, the fill and what comes behind along the water, chamber by chamber', () => {
    const pieces = packFromChoices(
      slots,
      {
        ahead: [{ choice: COARSE, thickness: 0.06, ply: 0.03 }],
        fill: [LAVA],
        behind: [{ choice: FLOSS, thickness: 0.02, ply: 0.02 }],
      },
      new Map([['lava', Infinity]]),
    );
    expect(
      pieces?.map((piece) => [piece.choice.key, piece.slot.chamber.id, Math.round(piece.thickness * 1e3)]),
    ).toEqual([
      ['foam-15', 'tray-4', 60],
      ['lava', 'tray-3', 80],
      ['lava', 'tray-2', 80],
      ['lava', 'tray-1', 60],
      ['floss-bonded', 'tray-1', 20],
    ]);
  });

  it('keeps a sheet whole: what does not fit goes to the next chamber, and nothing that follows goes before it', () => {
    const pieces = packFromChoices(
      slots,
      {
        ahead: [
          { choice: COARSE, thickness: 0.09, ply: 0.03 },
          { choice: FLOSS, thickness: 0.02, ply: 0.02 },
        ],
        fill: [],
        behind: [],
      },
      new Map(),
    );
    expect(
      pieces?.map((piece) => [piece.choice.key, piece.slot.chamber.id, Math.round(piece.thickness * 1e3)]),
    ).toEqual([
      ['foam-15', 'tray-4', 60],
      ['foam-15', 'tray-3', 30],
      ['floss-bonded', 'tray-3', 20],
    ]);
  });

  it('pours no more than there is, to whole millimetres, and says where nothing fits', () => {
    const left = new Map([['lava', 2e-3]]);
    const pieces = packFromChoices(slots, { ahead: [], fill: [LAVA], behind: [] }, left);
    const poured = pieces?.reduce((sum, piece) => sum + pieceVolume(piece), 0) ?? 0;
    // 2 L over 19 × 19 cm stand 5.54 cm high: 5.5 cm are poured.
    expect(poured).toBeCloseTo(0.19 * 0.19 * 0.055, 9);
    expect(left.get('lava')).toBeCloseTo(2e-3 - poured, 12);
    const much = [{ choice: COARSE, thickness: 0.3, ply: 0.03 }];
    expect(packFromChoices(slots, { ahead: much, fill: [], behind: [] }, new Map())).toBeNull();
    expect(packFromChoices(slots, { ahead: [], fill: [], behind: much }, new Map())).toBeNull();
  });
});
