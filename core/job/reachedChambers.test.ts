import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { emptyKey, outKey } from './chambersOut';
import { reachedChambers } from './reachedChambers';
import type { Tick } from './tick';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const empty = (id: string): Tick => ({ key: emptyKey(id), done: true, at: '2026-01-01T10:00:00.000Z' });
const out = (id: string): Tick => ({ key: outKey(id), done: true, at: '2026-01-01T10:00:00.000Z' });
const top = plainLayer('a', 'foam-15', 'tray-4', 0.08);
const half = plainLayer('b', 'foam-30', 'tray-3', 0.04);

// Hands go from the top down (common practice, no source): tray 4 of this body comes out first.
describe('reachedChambers', () => {
  it('knows a chamber once the keeper goes on, once a lower one is opened, or once it is declared empty', () => {
    expect(reachedChambers(filter, [], [])).toEqual({
      known: [],
      unknown: ['tray-4', 'tray-3', 'tray-2', 'tray-1'],
    });
    expect(reachedChambers(filter, [top], []).known).toEqual([]);
    expect(reachedChambers(filter, [top], [out('tray-4')]).known).toEqual(['tray-4']);
    expect(reachedChambers(filter, [top, half], []).known).toEqual(['tray-4']);
    const lower = plainLayer('c', 'lava', 'tray-2', 0.03);
    expect(reachedChambers(filter, [top, half, lower], []).known).toEqual(['tray-4', 'tray-3']);
    expect(reachedChambers(filter, [top, lower], [])).toEqual({
      known: ['tray-4'],
      unknown: ['tray-3', 'tray-1'],
    });
    expect(reachedChambers(filter, [top], [out('tray-4'), empty('tray-3')]).known).toEqual([
      'tray-4',
      'tray-3',
    ]);
  });

  it('keeps what cannot be known yet from being found fault with, and says nothing twice', () => {
    const said = (layers: readonly (typeof top)[], ticks: readonly Tick[]) =>
      evaluatePack({
        ...aloneOn(newTank('t', 'Test', 0.1)),
        filter,
        layers,
        flow: null,
        reached: reachedChambers(filter, layers, ticks).known,
      }).findings.map(({ rule, chamber }) => `${rule} ${chamber ?? ''}`);
    const stone = plainLayer('s', 'lava', 'tray-4', 0.08);
    expect(said([stone], [out('tray-4')])).not.toContain('nothing-mechanical ');
    expect(said([top, half], []).filter((text) => text.startsWith('empty-space'))).toEqual([]);
    expect(said([top, half], [empty('tray-2')]).filter((text) => text.startsWith('empty-space'))).toEqual([
      'empty-space tray-2',
    ]);
    const all = said([stone], [out('tray-4'), ...['tray-3', 'tray-2', 'tray-1'].map(empty)]);
    expect(all).toContain('nothing-mechanical ');
    expect(new Set(all).size).toBe(all.length);
  });
});
