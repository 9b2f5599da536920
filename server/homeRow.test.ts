import { describe, expect, it } from 'vitest';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import type { FlowEntry } from '@/core/log/logEntry';
import { WATERS } from '@/demo/waters';
import { NO_OUTLOOK } from '@/store/outlooks';
import { homeRow, type HomeFilter } from './homeRow';

const NOW = '2026-11-25T12:00:00Z';
const [{ tank, filter, layers }] = WATERS as [(typeof WATERS)[number]];
const seen = (change: Partial<HomeFilter> = {}): HomeFilter => ({
  planned: [],
  filter,
  around: { ...aloneOn(tank), now: NOW },
  job: null,
  layers,
  log: [],
  outlook: NO_OUTLOOK,
  ...change,
});
/** A litre jug filled in so many seconds. */
const timed = (
  id: string,
  at: string,
  seconds: number,
  moment: FlowEntry['moment'] = 'between',
): FlowEntry => ({
  kind: 'flow',
  id,
  filterId: filter.id,
  jobId: null,
  at,
  moment,
  jugVolume: 1e-3,
  seconds: [seconds],
  note: '',
});

describe('homeRow', () => {
  it('names the filter, its tank and the litres in it', () => {
    const row = homeRow(seen(), NOW);
    expect(row).toMatchObject({ id: filter.id, name: filter.name, kind: filter.kind, tank: tank.name });
    expect(row.tankVolume).toBeGreaterThan(0);
    expect(row.stage).toBeNull();
  });

  it('carries only those figures of the report that are drawn, and no engine', () => {
    const row = homeRow(seen(), NOW);
    const report = evaluatePack({ ...seen().around, filter, layers, flow: null });
    expect(row.pack?.report.thickness).toBe(report.totals.thickness);
    expect(row.pack?.report.layers.map(({ layerId }) => layerId)).toEqual(
      report.layers.map(({ layerId }) => layerId),
    );
    expect(row.pack?.layers[0]).toEqual({
      id: layers[0]?.id,
      medium: layers[0]?.medium,
      own: null,
      mix: null,
      dirt: layers[0]?.dirt,
    });
    expect(JSON.stringify(row).length).toBeLessThan(8000);
  });

  it('has no pack while what is in it is unknown, and asks for it', () => {
    const row = homeRow(seen({ layers: [] }), NOW);
    expect(row.pack).toBeNull();
    expect(row.findings).toEqual([]);
    expect(row.next.todo?.what).toBe('Plan a pack');
  });

  it('calls for service once the flow is under its share of clean, and not a little above', () => {
    const clean = timed('a', '2026-11-01T10:00:00Z', 6, 'clean');
    const at = (seconds: number) =>
      homeRow(seen({ log: [clean, timed('b', '2026-11-20T10:00:00Z', seconds)] }), NOW);
    // 6 s clean; 60 % of that flow is 10 s.
    expect(at(10.2).next.todo?.what).toBe('Strip this filter');
    expect(at(9.8).next.todo?.what).not.toBe('Strip this filter');
    expect(at(12).flow.share).toBeCloseTo(0.5, 10);
  });

  it('tells findings that ask for something from notes, each with a key of its own', () => {
    const upsideDown = homeRow(seen({ layers: [...layers].reverse() }), NOW);
    expect(upsideDown.findings.every(({ level }) => ['urgent', 'check'].includes(level))).toBe(true);
    const keys = upsideDown.findings.map(({ key }) => key);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('lists when it was repacked, and nothing else of the log', () => {
    const repacked = { kind: 'repacked', id: 'r', filterId: filter.id, jobId: null, note: '' } as const;
    const log = [
      { ...repacked, at: '2026-06-01T10:00:00Z' },
      timed('a', '2026-07-01T10:00:00Z', 6),
      { ...repacked, id: 'r2', at: '2026-09-01T10:00:00Z' },
    ];
    expect(homeRow(seen({ log }), NOW).repacks).toEqual(['2026-06-01T10:00:00Z', '2026-09-01T10:00:00Z']);
  });
});
