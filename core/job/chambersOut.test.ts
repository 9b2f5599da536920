import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { chambersOut, emptyKey, outKey } from './chambersOut';
import type { Tick } from './tick';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const tick = (key: string, done = true): Tick => ({ key, done, at: '2026-01-01T10:00:00.000Z' });
const at = (...ticks: Tick[]) => {
  const { out, inHand, next } = chambersOut(filter, ticks);
  return [out, inHand.id, next?.id ?? null];
};

// Hands go from the top down (common practice, no source): tray 4 of this body comes out first.
describe('chambersOut', () => {
  it('goes on when the keeper says so, and past chambers that were empty', () => {
    expect(at()).toEqual([[], 'tray-4', 'tray-3']);
    expect(at(tick(outKey('tray-4')))).toEqual([['tray-4'], 'tray-3', 'tray-2']);
    expect(at(tick(outKey('tray-4')), tick(emptyKey('tray-3')))).toEqual([
      ['tray-4', 'tray-3'],
      'tray-2',
      'tray-1',
    ]);
  });

  it('comes back to one that is taken in hand again', () => {
    expect(at(tick(outKey('tray-4'), false), tick(outKey('tray-3')))).toEqual([
      ['tray-3'],
      'tray-4',
      'tray-2',
    ]);
  });

  it('stays with the last', () => {
    const all = ['tray-4', 'tray-3', 'tray-2'].map((id) => tick(outKey(id)));
    expect(at(...all)).toEqual([['tray-4', 'tray-3', 'tray-2'], 'tray-1', null]);
    expect(at(...all, tick(emptyKey('tray-1')))).toEqual([
      ['tray-4', 'tray-3', 'tray-2', 'tray-1'],
      'tray-1',
      null,
    ]);
  });
});
