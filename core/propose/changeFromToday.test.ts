import { describe, expect, it } from 'vitest';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { changeFromToday, changes } from './changeFromToday';
import { isSheet } from './isSheet';

const foam = plainLayer('foam', 'foam-30', 'tray-2', 0.04);
const stone = plainLayer('stone', 'lava', 'tray-1', 0.06);
const short: Layer = { ...plainLayer('short', 'foam-15', 'tray-3', 0.03), cut: { length: 0.1, width: 0.1 } };
const today = [foam, stone, short];
const changed = (...pack: Layer[]) => changeFromToday(today, pack, isSheet);
const NOTHING = { cut: [], filled: [], away: [], moved: [] };

describe('changeFromToday', () => {
  it('is nothing for what stays as it is', () => {
    expect(changed(foam, stone, short)).toEqual(NOTHING);
    expect(changes(changed(foam, stone, short))).toBe(0);
  });

  it('tells what goes to another place from what is cut or filled', () => {
    expect(changed({ ...foam, chamber: 'tray-4' }, stone, short)).toEqual({ ...NOTHING, moved: ['foam'] });
    // Moving is no piece to change.
    expect(changes(changed({ ...foam, chamber: 'tray-4' }, stone, short))).toBe(0);
  });

  it('counts foam that is trimmed or laid thicker as cut, and poured media only where there is more of it', () => {
    expect(changed({ ...foam, thickness: 0.03 }, stone, short).cut).toEqual(['foam']);
    expect(changed({ ...foam, thickness: 0.06 }, stone, short).cut).toEqual(['foam']);
    // A tenth of a millimetre is none: hands do not measure it.
    expect(changed({ ...foam, thickness: 0.04005 }, stone, short)).toEqual(NOTHING);
    expect(changed(foam, { ...stone, thickness: 0.05 }, short)).toEqual(NOTHING);
    expect(changed(foam, { ...stone, thickness: 0.08 }, short)).toEqual({ ...NOTHING, filled: ['stone'] });
  });

  it('cuts anew what was cut short and is to reach the walls', () => {
    expect(changed(foam, stone, { ...short, cut: null }).cut).toEqual(['short']);
  });

  it('tells what is new and what is not used again; another medium under an old id is new', () => {
    const fresh = plainLayer('fresh', 'floss-bonded', 'tray-3', 0.02);
    const change = changed(foam, fresh, { ...stone, medium: 'pumice' });
    expect(change).toEqual({ ...NOTHING, cut: ['fresh'], filled: ['stone'], away: ['short'] });
    expect(changes(change)).toBe(3);
    expect(changeFromToday([], [foam, stone], isSheet)).toEqual({
      ...NOTHING,
      cut: ['foam'],
      filled: ['stone'],
    });
  });
});
