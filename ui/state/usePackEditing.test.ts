// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { MAX_LAYERS } from '@/core/pack/maxLayers';
import type { Pack } from '@/core/pack/pack';
import { usePackEditing, type PackEditing } from './usePackEditing';

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Filter');
const chamber = filter.chambers[0]!.id;
const layer = (id: string) => plainLayer(id, chamber, 'foam-30', 0.01);
let packs = 0;
const open = (layers: Pack['layers']): { now: () => PackEditing } => {
  packs += 1;
  const doc: Pack = { id: `p${packs}`, filterId: 'f', role: 'planned', name: 'Plan', layers, visits: [] };
  const { result } = renderHook(() =>
    usePackEditing(filter, { doc, version: 1, updatedAt: '2026-11-25T10:00:00Z' }),
  );
  return { now: () => result.current };
};
const ids = ({ layers }: PackEditing): string[] => layers.map(({ id }) => id);

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers();
  vi.stubGlobal('fetch', () => Promise.reject(new Error('away')));
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('usePackEditing', () => {
  it('makes every edit a step that can be taken back and done again', () => {
    const { now } = open([layer('a'), layer('b')]);
    act(() => now().edit({ type: 'remove', layerId: 'a' }));
    act(() => now().edit({ type: 'add', layer: layer('c'), index: 0 }));
    expect(ids(now())).toEqual(['c', 'b']);
    act(() => now().undo());
    act(() => now().undo());
    expect(ids(now())).toEqual(['a', 'b']);
    expect(now()).toMatchObject({ canUndo: false, canRedo: true });
    act(() => now().redo());
    expect(ids(now())).toEqual(['b']);
  });

  it('takes a drag back in one step, visits as well as layers', () => {
    const { now } = open([layer('a')]);
    for (const thickness of [0.011, 0.012, 0.013])
      act(() => now().edit({ type: 'set', layerId: 'a', change: { thickness } }, 'drag a'));
    act(() => now().setVisits([{ day: 30, works: [{ layerId: 'a', work: 'rinse' }] }]));
    expect(now().visits).toHaveLength(1);
    act(() => now().undo());
    expect(now().visits).toEqual([]);
    expect(now().layers[0]?.thickness).toBe(0.013);
    act(() => now().undo());
    expect(now().layers[0]?.thickness).toBe(0.01);
  });

  it('takes no layer more than a pack may have, and makes no step of it', () => {
    const full = Array.from({ length: MAX_LAYERS }, (_, place) => layer(`l${place}`));
    const { now } = open(full);
    expect(now().full).toBe(true);
    act(() => now().edit({ type: 'add', layer: layer('more'), index: 0 }));
    expect(now().layers).toHaveLength(MAX_LAYERS);
    expect(now().canUndo).toBe(false);
  });

  it('listens to Ctrl Z and Ctrl Shift Z, on a Mac to the other key, and to nothing near them', () => {
    const { now } = open([layer('a')]);
    const [back, forth] = now().shortcuts;
    const key = (init: KeyboardEventInit): KeyboardEvent => new KeyboardEvent('keydown', init);
    expect(back?.matches?.(key({ key: 'z', ctrlKey: true }))).toBe(true);
    expect(back?.matches?.(key({ key: 'z', metaKey: true }))).toBe(true);
    expect(back?.matches?.(key({ key: 'z' }))).toBe(false);
    expect(back?.matches?.(key({ key: 'Z', ctrlKey: true, shiftKey: true }))).toBe(false);
    expect(forth?.matches?.(key({ key: 'Z', ctrlKey: true, shiftKey: true }))).toBe(true);
    expect(forth?.matches?.(key({ key: 'y', ctrlKey: true }))).toBe(true);
  });
});
