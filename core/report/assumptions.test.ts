import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { formatSentence } from '../units/sentence';
import { assumptions } from './assumptions';

const tank = newTank('t', 'Test', 0.1);
const canister = presetFilter('canister-centre-pipe', { id: 'f', tankId: 't' }, 'Test');

describe('assumptions', () => {
  it('lists all that a first minute leaves open', () => {
    const layers = [plainLayer('a', 'foam-15', 'tray-1', 0.05)];
    expect(assumptions(tank, canister, layers).map(({ key }) => key)).toEqual([
      'feed',
      'sizes',
      'volume',
      'labelFlow',
      'head',
      'hoses',
      'pH',
      'carbonateHardness',
      'since',
    ]);
    const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
    expect(assumptions(tank, basket, []).map(({ key }) => key)).toContain('spill');
  });

  it('is empty once all is measured', () => {
    const measured: Tank = {
      ...tank,
      water: {
        how: 'measured',
        shape: { form: 'box', length: 0.6, width: 0.3, height: 0.4 },
        fill: 0.35,
        substrate: { depth: 0, porosity: 0.4 },
        hardscape: { by: 'volume', volume: 0 },
      },
      pH: 7,
      carbonateHardness: 4,
      feed: { amount: { by: 'weight', perDay: 1e-3 }, protein: 0.4 },
    };
    const known = {
      ...canister,
      assumed: [],
      pump: { power: 12, internalLoss: null, head: { by: 'label' as const, shutOff: 1.6 } },
    };
    const layers = [{ ...plainLayer('a', 'foam-15', 'tray-1', 0.05), installedOn: '2026-01-01' }];
    expect(assumptions(measured, known, layers)).toEqual([]);
    const mix = { parts: [{ medium: 'lava', own: null, share: 0.5 }], porosity: null };
    const mixed = (porosity: number | null) =>
      assumptions(
        measured,
        known,
        layers.map((layer) => ({ ...layer, medium: 'pumice', mix: { ...mix, porosity } })),
      );
    expect(mixed(null).map(({ key }) => key)).toEqual(['mixture']);
    expect(mixed(0.4)).toEqual([]);
  });

  it('takes a head from the power where that is all there is', () => {
    const [, , , , head] = assumptions(
      tank,
      { ...canister, pump: { power: 16, internalLoss: null, head: { by: 'assumed' } } },
      [],
    );
    expect(formatSentence(head?.what ?? [])).toMatch(/^Maximum head 1\.\d+ m, from its power\.$/);
  });
});
