import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../log/logEntry';
import { chartFlow } from './chartFlow';
import { flowState } from './flowState';

const flow = (id: string, at: string, seconds: number[], moment = 'between'): LogEntry =>
  ({
    kind: 'flow',
    id,
    filterId: 'f',
    jobId: null,
    at,
    note: '',
    moment,
    jugVolume: 2e-3,
    seconds,
  }) as LogEntry;
const NOW = '2026-12-01T12:00:00.000Z';

describe('chartFlow', () => {
  it('keeps the readings of the last 190 days, and their newest and clean ones', () => {
    const state = flowState([
      flow('old', '2026-05-25T11:00:00.000Z', [10]),
      flow('kept', '2026-05-25T13:00:00.000Z', [10, 12], 'clean'),
      flow('new', '2026-11-30T12:00:00.000Z', [16]),
    ]);
    const chart = chartFlow(state, NOW, 0.6);
    expect(chart.readings.map(({ id }) => id)).toEqual(['kept', 'new']);
    // By hand: 2 L in 16 s, and in 11 s on average.
    expect(chart.latest).toEqual({ at: '2026-11-30T12:00:00.000Z', mean: 2e-3 / 16 });
    expect(chart.clean).toBeCloseTo(2e-3 / 11, 5);
    expect(chart).toMatchObject({ limitShare: 0.6, share: state.share, shareSpread: state.shareSpread });
  });

  it('has nothing where nothing was timed', () => {
    expect(chartFlow(flowState([]), NOW, null)).toEqual({
      readings: [],
      latest: null,
      clean: null,
      share: null,
      shareSpread: null,
      limitShare: null,
    });
  });
});
