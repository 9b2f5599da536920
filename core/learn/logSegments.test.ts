import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import type { LogEntry } from '../log/logEntry';
import { logSegments, type RepackRecord } from './logSegments';

const filter = { chambers: [{ id: 'tray' }], spill: null } as unknown as Parameters<typeof logSegments>[0];
const layers = [plainLayer('a', 'foam-30', 'tray', 0.03)];
const day = (number: number): string => new Date(Date.UTC(2026, 0, 1) + number * 86_400_000).toISOString();
const common = (id: string, at: number, jobId: string | null = null) => ({
  id,
  filterId: 'f',
  jobId,
  at: day(at),
  note: '',
});
const repacked = (id: string, at: number): LogEntry => ({ kind: 'repacked', ...common(`r-${id}`, at, id) });
const flow = (id: string, at: number, more: Partial<Extract<LogEntry, { kind: 'flow' }>> = {}): LogEntry => ({
  kind: 'flow',
  ...common(id, at),
  moment: 'between',
  jugVolume: 1e-3,
  seconds: [10, 10.2, 9.8],
  ...more,
});
const record = (jobId: string, more: Partial<RepackRecord> = {}): RepackRecord => ({
  jobId,
  packed: layers,
  foundNext: [],
  pumpServiced: false,
  ...more,
});

describe('logSegments', () => {
  it('cuts a log at its repacks and counts days from them', () => {
    const log = [repacked('one', 0), flow('x', 3), repacked('two', 20), flow('y', 25), flow('before', -4)];
    const found = logSegments(filter, log, [record('one'), record('two')], day(30));
    expect(found.map(({ flows }) => flows.map(({ id }) => id))).toEqual([['x'], ['y']]);
    expect(found[1]!.flows[0]!.day).toBeCloseTo(5, 9);
    expect(found.map(({ end }) => end)).toEqual([20, 10]);
    // Three fillings of one litre in about ten seconds: 0.1 L/s, 2 % apart.
    expect(found[0]!.flows[0]!.flow).toBeCloseTo(1e-4, 7);
    expect(found[0]!.flows[0]!.spread).toBeCloseTo(0.02 / Math.sqrt(3), 3);
  });

  it('takes the clean flow that ends a repack as the first of its pack, though it was timed before the end', () => {
    const log = [
      repacked('one', 0),
      flow('clean', 19.9, { moment: 'clean', jobId: 'two' }),
      repacked('two', 20),
    ];
    const [only] = logSegments(filter, log, [record('one'), record('two')], day(30));
    expect(only!.flows).toMatchObject([{ id: 'clean', day: 0 }]);
  });

  it('reads services as visits, with what was said of the flow, and a cleaned pump as a new one', () => {
    const log: LogEntry[] = [
      repacked('one', 0),
      {
        kind: 'service',
        ...common('s', 10),
        works: [
          { layerId: 'a', work: 'squeezed' },
          { layerId: 'gone', work: 'replaced' },
          { layerId: null, work: 'impeller cleaned' },
        ],
        flowWas: 'low',
      },
      flow('x', 12),
    ];
    const [only] = logSegments(filter, log, [record('one')], day(30));
    expect(only!.visits).toEqual([{ day: 10, works: [{ layerId: 'a', work: 'squeeze' }] }]);
    expect(only!.services).toMatchObject([{ day: 10, flowWas: 'low' }]);
    expect(only!.epochs).toEqual([
      { day: 0, epoch: 0 },
      { day: 10, epoch: 1 },
    ]);
  });

  it('takes the dirt seen at the next strip', () => {
    const foundNext = [{ ...layers[0]!, dirt: 'loaded' as const }];
    const [only] = logSegments(
      filter,
      [repacked('one', 0), repacked('two', 40)],
      [record('one', { foundNext }), record('two')],
      day(50),
    );
    expect(only).toMatchObject({ seen: [{ layerId: 'a', dirt: 'loaded' }], end: 40 });
  });

  it('leaves out times of an unknown pack, and packs of chambers that are gone', () => {
    const log = [repacked('one', 0), flow('x', 3)];
    expect(logSegments(filter, log, [], day(9))).toEqual([]);
    const elsewhere = record('one', { packed: [plainLayer('a', 'foam-30', 'gone', 0.03)] });
    expect(logSegments(filter, log, [elsewhere], day(9))).toEqual([]);
    expect(logSegments(filter, [], [], day(9))).toEqual([]);
  });

  it('learns from forty readings of many, the first and the last among them, and from no level without a rim', () => {
    const level: LogEntry = { kind: 'level', ...common('l', 5), headroom: 0.01 };
    const many = Array.from({ length: 500 }, (_, index) => flow(`f${index}`, 1 + index / 50));
    const [only] = logSegments(filter, [repacked('one', 0), level, ...many], [record('one')], day(30));
    expect(only!.flows).toHaveLength(40);
    expect([only!.flows[0]!.id, only!.flows.at(-1)!.id]).toEqual(['f0', 'f499']);
    expect(only!.levels).toEqual([]);
  });

  it('keeps the newest stretches, with their pumps counted from 0', () => {
    const log = [0, 1, 2, 3, 4, 5].flatMap((index) => [
      repacked(`j${index}`, index * 20),
      flow(`f${index}`, index * 20 + 5),
    ]);
    const records = [0, 1, 2, 3, 4, 5].map((index) => record(`j${index}`, { pumpServiced: true }));
    const found = logSegments(filter, log, records, day(130));
    expect(found.map(({ flows }) => flows[0]!.id)).toEqual(['f2', 'f3', 'f4', 'f5']);
    expect(found.map(({ epochs }) => epochs[0]!.epoch)).toEqual([0, 1, 2, 3]);
  });
});
