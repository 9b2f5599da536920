// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Job } from '@/core/job/job';
import { newJob } from '@/core/job/newJob';
import { plainLayer } from '@/core/layers/plainLayer';
import type { Pack } from '@/core/pack/pack';
import { DEMO_SHELF } from '@/demo/demoShelf';
import type { Autosave } from '../state/useAutosave';
import { usePreparation } from './usePreparation';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const PACK: Pack = {
  id: 'p',
  filterId: 'f',
  role: 'planned',
  name: 'Plan',
  layers: [plainLayer('a', 'foam-30', 'tray-4', 0.03), plainLayer('b', 'lava', 'tray-3', 0.05)],
  visits: [],
};
const JOB: Job = newJob({
  id: 'j',
  filterId: 'f',
  occasion: 'repack',
  stage: 'plan',
  startedAt: '2026-11-27T10:00:00.000Z',
  asFoundPackId: 'a',
  plannedPackId: 'p',
});

/** A document that is changed and never saved. */
function useUnsaved<T>(first: T): Autosave<T> {
  const [doc, setDoc] = useState(first);
  return { doc, change: (update: (doc: T) => T) => setDoc(update) } as unknown as Autosave<T>;
}
const draw = () =>
  renderHook(() => {
    const job = useUnsaved(JOB);
    const shelf = useUnsaved(DEMO_SHELF);
    const plan = useUnsaved(PACK);
    return { job, shelf, plan, work: usePreparation({ filter, job, shelf, plan, found: [], others: [] }) };
  }).result;

describe('usePreparation', () => {
  it('takes what is cut off the shelf and records it, and undoes both at once', () => {
    const result = draw();
    act(() => result.current.work.setCut());
    expect(result.current.job.doc.cut).not.toBeNull();
    expect(result.current.shelf.doc.items).not.toEqual(DEMO_SHELF.items);
    act(() => result.current.work.editing.undo());
    expect(result.current.job.doc.cut).toBeNull();
    expect(result.current.shelf.doc.items).toEqual(DEMO_SHELF.items);
    act(() => result.current.work.editing.redo());
    expect(result.current.job.doc.cut).not.toBeNull();
  });

  it('ticks a preparation, names the day, and goes back a step at a time', () => {
    const result = draw();
    const key = result.current.work.steps[0]!.key;
    act(() => result.current.work.setPrepared(key, true));
    act(() => result.current.work.setDay('2026-12-05'));
    expect(result.current.job.doc.prepared.map((item) => item.key)).toEqual([key]);
    act(() => result.current.work.editing.undo());
    expect(result.current.job.doc).toMatchObject({ repackOn: null, prepared: [{ key }] });
    act(() => result.current.work.editing.undo());
    expect(result.current.job.doc.prepared).toEqual([]);
    expect(result.current.work.editing.canUndo).toBe(false);
  });

  it('adds a printed block to the plan, which undo takes out again', () => {
    const result = draw();
    act(() => result.current.work.addLayers([plainLayer('block', 'printed-block', 'tray-2', 0.04)]));
    expect(result.current.plan.doc.layers.map(({ id }) => id)).toEqual(['a', 'b', 'block']);
    act(() => result.current.work.editing.undo());
    expect(result.current.plan.doc.layers.map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('keeps what was acknowledged out of undo', () => {
    const result = draw();
    act(() => result.current.work.acknowledge('prepare/mature leaves', true));
    expect(result.current.job.doc.ticks).toMatchObject([{ key: 'prepare/mature leaves', done: true }]);
    expect(result.current.work.editing.canUndo).toBe(false);
  });
});
