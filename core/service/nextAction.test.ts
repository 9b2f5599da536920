import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import type { FlowEntry } from '../log/logEntry';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { formatSentence, sentence } from '../units/sentence';
import { flowState } from './flowState';
import { nextAction, type NextThingInput } from './nextAction';

const NOW = '2026-11-25T12:00:00Z';
const timed = (day: number, moment: FlowEntry['moment'], seconds: number): FlowEntry => ({
  kind: 'flow',
  id: `e${day}`,
  filterId: 'f',
  jobId: null,
  at: `2026-11-${String(day).padStart(2, '0')}T10:00:00Z`,
  moment,
  jugVolume: 1e-3,
  seconds: [seconds, seconds, seconds],
  note: '',
});
const packed = (...media: string[]) =>
  evaluatePack({
    ...aloneOn(newTank('t', 'Test', 0.06)),
    filter: presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test'),
    layers: media.map((medium, index) => plainLayer(`l${index}`, medium, 'basket', 0.1 / media.length)),
    flow: null,
  });
const good = packed('foam-15', 'foam-45', 'lava');
const clean = flowState([timed(1, 'clean', 5)]);
const BASE: NextThingInput = { openJob: null, report: good, flow: clean, now: NOW };
const job = (change: object = {}): NextThingInput['openJob'] => ({
  stage: 'strip',
  occasion: 'repack',
  packed: [],
  outOfFlow: [],
  ...change,
});
const running = [{ from: '2026-11-25T11:30:00Z', to: null, parkedIn: '' }];
const swap = {
  begunOn: '2026-11-10',
  pieces: [{ key: 'a', name: 'Stone', surface: 1, newSurface: 1, whole: false, zeolite: null }],
  stages: [{ day: 14, parts: [{ key: 'a', share: 1 }], doneOn: null }],
};
const ahead = (level: 'check' | 'works' | 'empty') => ({
  level,
  state: sentence`Next service: in 3 weeks.`,
  next: sentence`Of 5 readings.`,
});

/** Urgency, level, what is said, and where it leads. */
const said = (change: Partial<NextThingInput>): string => {
  const { urgency, level, state, todo } = nextAction({ ...BASE, ...change });
  return `${urgency} ${level}: ${formatSentence(state)} ${todo === null ? 'Nothing' : `${todo.what} (${todo.place})`}`;
};

describe('the one next thing of a filter', () => {
  it.each<[string, Partial<NextThingInput>]>([
    ['0 begun: Repack started. Continue stripping (strip)', { openJob: job() }],
    [
      '0 begun: Repack started: 1 layer in. The media has been out of the filter for 30 minutes. Continue repacking (repack)',
      { openJob: job({ stage: 'repack', packed: [{}], outOfFlow: running }) },
    ],
    [
      '0 begun: Repack started: 2 layers in. Continue planning (plan)',
      { openJob: job({ stage: 'plan', packed: [{}, {}] }) },
    ],
    [
      '1 check: One preparation is due for the repack. Go to Prepare (prepare)',
      { openJob: job({ stage: 'plan' }), dueNow: ['prepare f'] },
    ],
    [
      '1 check: 3 preparations are due for the repack. Go to Prepare (prepare)',
      { openJob: job({ stage: 'plan' }), dueNow: ['prepare f'], duePreparations: 3 },
    ],
    // While the media is out, what is prepared is too late.
    [
      '0 begun: Repack started. The media has been out of the filter for 30 minutes. Continue stripping (strip)',
      { openJob: job({ outOfFlow: running }), dueNow: ['prepare f'] },
    ],
    // A preparation of a job that is not there asks for nothing, and one that is done is not open.
    ['6 works: No problems found, and the flow is fine. Nothing', { dueNow: ['prepare f'] }],
    ['6 works: No problems found, and the flow is fine. Nothing', { openJob: job({ stage: 'done' }) }],
    [
      '6 works: No problems found, and the flow is fine. Continue the plan (plan)',
      { openJob: job({ stage: 'plan', occasion: 'plan' }) },
    ],
    ['1 check: Needs service now. Show what is due (care)', { dueNow: ['visit f'] }],
    [
      '1 check: Next service: in 3 weeks. Show what is due (care)',
      { dueNow: ['visit f'], ahead: ahead('check') },
    ],
    ['1 check: Needs service now. Show what is due (care)', { dueNow: ['visit f'], ahead: ahead('empty') }],
    [
      '1 check: Stage 1 of the swap is due. Test ammonia and nitrite first. Do the next stage (media-swap)',
      { swap, dueNow: ['swap f'] },
    ],
    // It was put off.
    ['6 works: No problems found, and the flow is fine. Nothing', { swap }],
    ['3 unknown: The media in this filter is not entered yet. Plan a pack (plan)', { report: null }],
    ['3 unknown: The media in this filter is not entered yet. Plan a pack (plan)', { report: packed() }],
    [
      '4 works: No problems found. The flow is not measured yet. Measure the flow (flow)',
      { flow: flowState([]) },
    ],
    [
      '5 works: No problems found. The clean flow is not known: measure it after the next repack. Measure the flow (flow)',
      { flow: flowState([timed(3, 'between', 5)]) },
    ],
    ['6 works: No problems found. Next service: in 3 weeks. Nothing', { ahead: ahead('works') }],
    ['6 works: Works: no problems found. Nothing', { ahead: ahead('check') }],
  ])('%s', (words, change) => {
    expect(said(change)).toBe(words);
  });

  it('is the pack where it is bad', () => {
    expect(said({ report: packed('lava') })).toMatch(/^2 (check|urgent): .* Plan a better pack \(plan\)$/);
  });
});
