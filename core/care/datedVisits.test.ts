import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import type { LogEntry } from '../log/logEntry';
import { datedVisits } from './datedVisits';
import { dueList, visitKey, type DueInput } from './due';

const PACKED = '2026-06-01T12:00:00.000Z';
const day = (number: number): string => new Date(Date.parse(PACKED) + number * 86_400_000).toISOString();
const reed = WATERS.find(({ filter }) => filter.id === 'reed-bench')!;
const NO_COURSE = { likely: [], low: [], high: [] };
const visit = (at: number) => ({
  day: at,
  works: [{ layerId: 'rb-medium', work: 'squeeze' as const }],
  lifts: [],
  minutes: 34,
  why: 'flow' as const,
});
const common = (at: number) => ({ id: `e${at}`, filterId: 'reed-bench', jobId: null, at: day(at), note: '' });
const input = (now: number, log: readonly LogEntry[] = []): DueInput => ({
  ...reed,
  outlook: {
    learned: { posterior: null, refused: false, odd: [] },
    forecast: {
      ...{ packedAt: PACKED, by: 'through', earliest: 40, likely: 50, latest: 60 },
      ...{ flow: NO_COURSE, lost: NO_COURSE, passes: NO_COURSE, sponge: null },
      visits: [visit(40), visit(80)],
    },
  },
  log: [{ kind: 'repacked', ...common(0) }, ...log],
  now: day(now),
});
const dates = (of: DueInput) => datedVisits(of)?.map(({ on, inDays }) => [on, inDays]);

describe('datedVisits', () => {
  it('dates the plan by the calendar', () => {
    expect(dates(input(20))).toEqual([
      ['2026-07-11', 20],
      ['2026-08-20', 60],
    ]);
    expect(datedVisits({ ...input(20), outlook: null })).toBeNull();
  });

  it.each([
    ['as planned', 20, []],
    ['within its range', 50, []],
    ['after its range', 65, []],
    [
      'moved to a water change',
      36,
      [{ kind: 'water change', ...common(35), share: 0.3, dechlorinated: true }],
    ],
    [
      'put off',
      42,
      [{ kind: 'snooze', ...common(41), item: visitKey('reed-bench'), until: '2026-07-20', reason: 'away' }],
    ],
  ] as unknown as [string, number, LogEntry[]][])('names the day that Care names: %s', (_, now, log) => {
    const of = input(now, log);
    const care = dueList(of).find(({ key }) => key === visitKey('reed-bench'))!;
    expect(dates(of)?.[0]).toEqual([care.on, care.inDays]);
  });
});
