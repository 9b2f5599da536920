import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { newBacteriaMedia } from './newBacteriaMedia';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const foam = plainLayer('foam', 'foam-30', 'tray-4', 0.04);
const stone = plainLayer('stone', 'lava', 'tray-2', 0.05);
const ids = (packed: (typeof foam)[], before: (typeof foam)[]): string[] =>
  newBacteriaMedia(filter, packed, before).map(({ id }) => id);

describe('newBacteriaMedia', () => {
  it('is all that bacteria grow on in a new filter', () => {
    expect(ids([foam, stone], [])).toEqual(['stone']);
    expect(ids([foam], [])).toEqual(['foam']);
  });

  it('is nothing where old media went back, and what was added or is a new piece', () => {
    expect(ids([foam, stone], [foam, stone])).toEqual([]);
    expect(ids([foam, { ...stone, thickness: 0.08 }], [foam, stone])).toEqual(['stone']);
    const more = plainLayer('more', 'porous-ceramic', 'tray-1', 0.05);
    expect(ids([foam, stone, more], [foam, stone])).toEqual(['more']);
  });

  it('is not a new floss pad beside old stone: it is thrown away before bacteria live on it', () => {
    const pad = plainLayer('pad', 'floss-bonded', 'tray-4', 0.02);
    expect(ids([pad, stone], [stone])).toEqual([]);
  });
});
