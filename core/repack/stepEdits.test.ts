import { describe, expect, it } from 'vitest';
import { clockState } from '../job/outOfFlowClock';
import { isTicked } from '../job/ticks';
import type { Job } from '../job/job';
import { newJob } from '../job/newJob';
import { asPlanned, timerKey, timerStartedAt, withLayerIn, withLayerOut, withStepTicked } from './stepEdits';

const AT = '2026-11-27T10:00:00.000Z';
const JOB: Job = newJob({
  id: 'j',
  filterId: 'f',
  occasion: 'repack',
  stage: 'repack',
  startedAt: AT,
  asFoundPackId: 'a',
  plannedPackId: 'b',
});
const LATER = '2026-11-27T10:20:00.000Z';

describe('a layer', () => {
  it('goes in once, as it was entered last, and comes out again', () => {
    const first = withLayerIn(JOB, asPlanned('x', AT));
    const thinner = withLayerIn(first, { ...asPlanned('x', LATER), thickness: 0.03 });
    expect(thinner.packed).toEqual([{ layerId: 'x', at: LATER, thickness: 0.03, mass: null, note: '' }]);
    expect(isTicked(thinner.ticks, 'pack/x')).toBe(true);
    const out = withLayerOut(thinner, 'x', LATER);
    expect(out.packed).toEqual([]);
    expect(isTicked(out.ticks, 'pack/x')).toBe(false);
  });
});

describe('a step', () => {
  it('starts and stops the clock of the mature media with the hands', () => {
    const wet = withStepTicked(JOB, 'open/keep wet', true, AT);
    expect(clockState(wet.outOfFlow)).toBe('running');
    expect(clockState(withStepTicked(wet, 'start/power on', true, LATER).outOfFlow)).toBe('back');
    // What was ticked by mistake does not turn the clock back.
    expect(clockState(withStepTicked(wet, 'open/keep wet', false, LATER).outOfFlow)).toBe('running');
    expect(clockState(withStepTicked(JOB, 'open/lid off', true, AT).outOfFlow)).toBe('not started');
  });

  it('keeps its timer beside its tick', () => {
    const started = withStepTicked(JOB, timerKey('start/watch'), true, AT);
    expect(timerStartedAt(started.ticks, 'start/watch')).toBe(AT);
    expect(timerStartedAt(started.ticks, 'start/other')).toBeNull();
    const stopped = withStepTicked(started, timerKey('start/watch'), false, LATER);
    expect(timerStartedAt(stopped.ticks, 'start/watch')).toBeNull();
    expect(isTicked(started.ticks, 'start/watch')).toBe(false);
  });
});
