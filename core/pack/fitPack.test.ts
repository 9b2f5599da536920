import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { fitPack } from './fitPack';
import type { Pack } from './pack';
import { packFaults } from './packFaults';

const filter = presetFilter('canister-centre-pipe', { id: 'f', tankId: 't' }, 'Filter');
const pack = (...layers: Pack['layers']): Pack => ({
  id: 'p',
  filterId: 'f',
  role: 'planned',
  name: 'Plan',
  layers,
  visits: [],
});

describe('fitPack', () => {
  it('leaves a pack that fits as it is', () => {
    const fits = pack(plainLayer('a', 'foam-30', 'tray-1', 0.02));
    expect(fitPack(filter, fits)).toBe(fits);
  });

  it('keeps every layer of one that does not, so that the filter can hold it', () => {
    const strange = pack(
      plainLayer('a', 'moon-rock', 'tray-1', 0.02),
      plainLayer('b', 'lava', 'attic', 0.04),
      plainLayer('c', 'lava', 'tray-2', 0.04),
    );
    const fitted = fitPack(filter, strange);
    expect(packFaults(filter, fitted.layers)).toEqual([]);
    expect(fitted.layers.map(({ id, medium }) => [id, medium])).toEqual([
      ['a', 'unknown'],
      ['b', 'lava'],
      ['c', 'lava'],
    ]);
    expect(fitted.layers[2]).toBe(strange.layers[2]);
  });
});
