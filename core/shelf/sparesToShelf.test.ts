import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { sparesToShelf } from './sparesToShelf';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Cellar');
const AT = '2026-12-02T10:00:00.000Z';
const spare = (...layer: Parameters<typeof plainLayer>) => ({
  ...plainLayer(...layer),
  treatment: 'spare' as const,
});
const onShelf = (layers: Parameters<typeof sparesToShelf>[1], packed: readonly string[] = []) =>
  sparesToShelf(filter, layers, new Set(packed), AT, () => 'new');

describe('sparesToShelf', () => {
  // By hand: trays of 19 by 19 cm; 5 cm of lava poured into one are 1.805 L less its rounded corners.
  it('lays cut pieces and loose media on the shelf, wet where bacteria live in them', () => {
    const items = onShelf([
      { ...spare('foam', 'foam-30', 'tray-4', 0.03), compressionRatio: 0.75 },
      spare('stone', 'lava', 'tray-3', 0.05),
      spare('coal', 'carbon', 'tray-2', 0.03),
      plainLayer('stays', 'lava', 'tray-1', 0.05),
    ]);
    expect(items).toMatchObject([
      {
        kind: 'sheet',
        medium: 'foam-30',
        length: 0.19,
        width: 0.19,
        thickness: 0.04,
        offcut: true,
        wetSince: AT,
      },
      { kind: 'loose', medium: 'lava', label: 'from Cellar', wetSince: AT },
      { kind: 'loose', medium: 'carbon' },
    ]);
    expect(items[1]).toMatchObject({ volume: expect.closeTo(1.8e-3, 4) as number });
    expect(items[2]).not.toHaveProperty('wetSince');
  });

  it('leaves out what went in again, and what the shelf cannot hold', () => {
    const stone = spare('stone', 'lava', 'tray-3', 0.05);
    expect(onShelf([stone], ['stone'])).toEqual([]);
    expect(onShelf([spare('what', 'unknown', 'tray-3', 0.05)])).toEqual([]);
    const thick = { ...spare('foam', 'foam-30', 'tray-4', 0.6), compressionRatio: 1 };
    expect(onShelf([thick])).toEqual([]);
  });
});
