import { describe, expect, it } from 'vitest';
import { gradedSheets, sheetsFilling, SOLD_SHEETS } from './usualSheets';

const { foam, floss } = SOLD_SHEETS;

describe('sheets that fill a depth', () => {
  // By hand: how a keeper would stack sheets of 1, 2, 2.5, 3 and 5 cm.
  it.each([
    ['a prefilter of 24 cm', 0.24, { thickness: 0.24, ply: 0.03 }],
    ['a wall of 2.5 cm, from the sheet that few shops have', 0.025, { thickness: 0.025, ply: 0.025 }],
    ['a slot of 1.8 cm, where 2 cm are squeezed in', 0.018, { thickness: 0.018, ply: 0.02 }],
    ['a slot of 1.3 cm, where 2 cm would be squeezed too hard', 0.013, { thickness: 0.01, ply: 0.01 }],
  ])('%s', (_, depth, sheets) => {
    const found = sheetsFilling(depth, foam);
    expect(found?.ply).toBe(sheets.ply);
    expect(found?.thickness).toBeCloseTo(sheets.thickness, 9);
  });

  it('are none where the thinnest is too thick', () => {
    expect(sheetsFilling(0.006, foam)).toBeNull();
  });
});

describe('a sheet for each grade', () => {
  it('fills the depth or leaves enough for what follows, coarse no thinner than fine', () => {
    for (let depth = 0.03; depth < 0.15; depth += 0.001) {
      const stack = gradedSheets(depth, 0.07, 0.036, [foam, foam, floss]);
      if (stack === null) continue;
      const rest = depth - stack.reduce((sum, ply) => sum + ply, 0);
      expect(rest).toBeGreaterThan(-1e-3);
      expect(rest <= 5.001e-3 || rest >= 0.036).toBe(true);
      expect([...stack]).toEqual([...stack].sort((a, b) => b - a));
    }
  });

  it('is none in a chamber that is too shallow for them', () => {
    expect(gradedSheets(0.02, 0.07, 0.036, [foam, foam, floss])).toBeNull();
  });
});
