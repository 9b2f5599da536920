import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newJob } from './newJob';
import { mergeJobs } from './mergeJobs';
import type { Job, PackedStep } from './job';
import type { Tick } from './tick';
import { isTicked, layerKey, mergeTicks, withTick } from './ticks';

const tick = (key: string, minute: number, done = true): Tick => ({
  key,
  done,
  at: new Date(Date.UTC(2026, 0, 1, 10, minute)).toISOString(),
});
const ticks = fc
  .array(fc.record({ key: fc.constantFrom('a', 'b', 'c', 'd'), minute: fc.nat(30), done: fc.boolean() }))
  .map((list) =>
    list.reduce<Tick[]>((all, { key, minute, done }) => withTick(all, tick(key, minute, done)), []),
  );

describe('ticks of two devices', () => {
  it('hold the newer of each step, and lose none', () => {
    const merged = mergeTicks([tick('a', 1), tick('b', 5, false)], [tick('b', 3), tick('c', 2)]);
    expect(['a', 'b', 'c'].map((key) => isTicked(merged, key))).toEqual([true, false, true]);
  });

  it('come out the same whichever device is asked, and however often', () => {
    fc.assert(
      fc.property(ticks, ticks, ticks, (a, b, c) => {
        expect(mergeTicks(a, b)).toEqual(mergeTicks(b, a));
        expect(mergeTicks(mergeTicks(a, b), c)).toEqual(mergeTicks(a, mergeTicks(b, c)));
        expect(mergeTicks(a, mergeTicks(a, b))).toEqual(mergeTicks(a, b));
      }),
    );
  });
});

const job = (change: Partial<Job> = {}): Job => ({
  ...newJob({
    id: 'j',
    filterId: 'f',
    occasion: 'repack',
    stage: 'repack',
    startedAt: '2026-01-01T09:00:00.000Z',
    asFoundPackId: 'x',
    plannedPackId: 'y',
  }),
  ...change,
});
const put = (layerId: string, minute: number, mass: number | null = null): PackedStep => ({
  layerId,
  at: tick(layerId, minute).at,
  thickness: null,
  mass,
  note: '',
});

describe('one repack on two devices', () => {
  it('has the layers of both, the newer of each, and none that was taken out again since', () => {
    const mine = job({
      packed: [put('a', 1), put('b', 2, 1.2)],
      ticks: [tick(layerKey('a'), 1), tick(layerKey('b'), 2)],
    });
    const theirs = job({
      packed: [put('b', 1), put('c', 3)],
      ticks: [tick(layerKey('a'), 4, false), tick(layerKey('b'), 1), tick(layerKey('c'), 3)],
    });
    const merged = mergeJobs(null, mine, theirs);
    expect(merged.packed).toEqual([put('b', 2, 1.2), put('c', 3)]);
    expect(mergeJobs(null, theirs, mine).packed).toEqual(merged.packed);
  });

  it('takes from each what only it changed, and this device’s where both did', () => {
    const base = job({ repackOn: '2026-01-01', parts: { seal: 'fine' } });
    const mine = { ...base, parts: { seal: 'worn' as const }, cut: { at: base.startedAt, pieces: [] } };
    const theirs = {
      ...base,
      repackOn: '2026-02-02',
      parts: { seal: 'fine' as const, lid: 'fine' as const },
    };
    expect(mergeJobs(base, mine, theirs)).toMatchObject({
      repackOn: '2026-02-02',
      parts: { seal: 'worn', lid: 'fine' },
      cut: mine.cut,
    });
  });

  it('ends a clock that one of them stopped, and keeps a preparation unticked', () => {
    const from = '2026-01-01T09:10:00.000Z';
    const running = { from, to: null, parkedIn: '' };
    const ended = { ...running, to: '2026-01-01T09:40:00.000Z' };
    const done = { key: 'rinse', at: from };
    const base = job({ outOfFlow: [running], prepared: [done] });
    const merged = mergeJobs(base, { ...base, prepared: [] }, { ...base, outOfFlow: [ended] });
    expect(merged.outOfFlow).toEqual([ended]);
    expect(merged.prepared).toEqual([]);
  });
});
