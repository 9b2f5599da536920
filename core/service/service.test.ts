import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { FlowEntry, FlowMoment } from '../log/logEntry';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { plainLayer } from '../layers/plainLayer';
import { formatSentence } from '../units/sentence';
import { flowState } from './flowState';
import { flowVerdict } from './flowVerdict';
import { isFlowLow } from './isFlowLow';
import { nextAction } from './nextAction';

const entry = (day: number, moment: FlowMoment, seconds: number[]): FlowEntry => ({
  kind: 'flow',
  id: `e${day}`,
  filterId: 'f',
  jobId: null,
  at: `2026-11-${String(day).padStart(2, '0')}T10:00:00Z`,
  moment,
  jugVolume: 1e-3,
  seconds,
  note: '',
});

describe('flowState', () => {
  it('holds the latest flow against the newest clean one, in the order of time', () => {
    const state = flowState([
      entry(20, 'between', [10, 10.5, 9.5]),
      entry(1, 'clean', [4, 4, 4]),
      entry(10, 'clean', [5, 5.2, 4.8]),
    ]);
    expect(state.readings.map((reading) => reading.id)).toEqual(['e1', 'e10', 'e20']);
    expect(state.clean?.id).toBe('e10');
    expect(state.share).toBeCloseTo(0.5, 2);
    // Relative spreads 5.0 % and 4.0 % make 6.4 % of a half (by hand).
    expect(state.shareSpread).toBeCloseTo(0.032, 3);
  });

  it('forgets what was timed before the last repack, but not the reading that closed it', () => {
    const repacked = {
      kind: 'repacked',
      id: 'r',
      filterId: 'f',
      jobId: 'j',
      at: '2026-11-12T10:00:00Z',
      note: '',
    } as const;
    const before = [entry(1, 'clean', [4]), entry(11, 'before strip', [8])];
    expect(flowState([...before, repacked]).latest).toBeNull();
    const closing = { ...entry(12, 'clean', [5]), jobId: 'j', at: '2026-11-12T09:58:00Z' };
    const state = flowState([...before, closing, repacked]);
    expect([state.latest?.id, state.clean?.id, state.share, state.readings.length]).toEqual([
      'e12',
      'e12',
      1,
      3,
    ]);
  });

  it('claims no share without a clean flow, and no spread from single readings', () => {
    expect(flowState([entry(3, 'between', [5])]).share).toBeNull();
    expect(flowState([]).latest).toBeNull();
    const single = flowState([entry(1, 'clean', [5]), entry(9, 'between', [6])]);
    expect([single.share?.toFixed(3), single.shareSpread]).toEqual(['0.833', null]);
  });
});

describe('nextAction', () => {
  const NOW = '2026-11-25T12:00:00Z';
  const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
  const report = (...media: string[]) =>
    evaluatePack({
      ...aloneOn(newTank('t', 'Test', 0.06)),
      filter,
      layers: media.map((medium, index) => plainLayer(`l${index}`, medium, 'basket', 0.1 / media.length)),
      flow: null,
    });
  const good = report('foam-15', 'foam-45', 'lava');
  const clean = entry(1, 'clean', [5, 5, 5]);

  const swap = {
    begunOn: '2026-11-10',
    pieces: [{ key: 'a', name: 'Stone', surface: 1, newSurface: 1, whole: false, zeolite: null }],
    stages: [{ day: 14, parts: [{ key: 'a', share: 1 }], doneOn: null }],
  };
  const begun = { stage: 'plan' as const, occasion: 'repack' as const, packed: [], outOfFlow: [] };
  it.each([
    ['a job begun', { openJob: begun, report: good, flow: flowState([]) }, 'Continue planning'],
    [
      'weak flow',
      {
        openJob: null,
        report: good,
        flow: flowState([clean, entry(9, 'between', [9, 9, 9])]),
        isWeak: true,
        dueNow: ['visit f'],
      },
      'Strip this filter',
    ],
    [
      'a swap',
      { openJob: null, report: good, flow: flowState([clean]), swap, dueNow: ['swap f'] },
      'Do the next stage',
    ],
    [
      'preparations that are due',
      { openJob: begun, report: good, flow: flowState([]), duePreparations: 2, dueNow: ['prepare f'] },
      'Go to Prepare',
    ],
    ['a bad pack', { openJob: null, report: report('lava'), flow: flowState([clean]) }, 'Plan a better pack'],
    ['an unknown pack', { openJob: null, report: null, flow: flowState([]) }, 'Plan a pack'],
    ['no flow', { openJob: null, report: good, flow: flowState([]) }, 'Measure the flow'],
    ['all in order', { openJob: null, report: good, flow: flowState([clean]) }, null],
  ])('names what %s asks for', (_, input, what) => {
    expect(nextAction({ ...input, now: NOW }).todo?.what ?? null).toBe(what);
  });

  it('puts what cannot wait first and says why', () => {
    const weak = nextAction({
      openJob: null,
      report: good,
      flow: flowState([clean, entry(9, 'between', [10, 10, 10])]),
      isWeak: true,
      dueNow: ['visit f'],
      now: NOW,
    });
    const fine = nextAction({ openJob: null, report: good, flow: flowState([clean]), now: NOW });
    expect(weak.urgency).toBeLessThan(fine.urgency);
    expect(formatSentence(weak.state)).toBe(
      'Needs service now: flow is at 50 % of clean, the limit is 60 %.',
    );
  });

  it('takes a flow that was timed before the last service for what it is: over', () => {
    const flow = flowState([clean, entry(9, 'between', [10, 10, 10])]);
    expect(isFlowLow(flow, [])).toBe(true);
    const service = (at: number) => ({ kind: 'service' as const, at: entry(at, 'clean', [1]).at });
    expect(isFlowLow(flow, [service(10)])).toBe(false);
    expect(isFlowLow(flow, [service(5)])).toBe(true);
    expect(isFlowLow(flowState([clean]), [])).toBe(false);
  });

  it('names the flow at which service is due only where the outlet tells', () => {
    const said = (limitShare: number | null): string =>
      formatSentence(flowVerdict(flowState([clean]), limitShare).state);
    expect(said(0.6)).toContain('service is due at 60 %');
    expect(said(null)).toContain('the outlet flow hardly drops');
  });

  it('says how a filter is while a plan is made for it', () => {
    const planning = nextAction({
      openJob: { ...begun, occasion: 'plan' },
      report: good,
      flow: flowState([]),
      now: NOW,
    });
    const idle = nextAction({ openJob: null, report: good, flow: flowState([]), now: NOW });
    expect([planning.state, planning.urgency]).toEqual([idle.state, idle.urgency]);
    expect(planning.todo?.place).toBe('plan');
  });

  it('warns of media that has been out of flow for more than an hour', () => {
    const stripped = (from: string) =>
      nextAction({
        openJob: { ...begun, stage: 'strip', outOfFlow: [{ from, to: null, parkedIn: '' }] },
        report: good,
        flow: flowState([]),
        now: NOW,
      });
    expect(stripped('2026-11-25T11:30:00Z').level).toBe('begun');
    const late = stripped('2026-11-25T10:30:00Z');
    expect(late.level).toBe('urgent');
    expect(formatSentence(late.state)).toContain('out of the filter for 90 minutes');
  });
});
