import { EMPTY_SHELF } from '../shelf/shelf';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Job } from '../job/job';
import { newJob } from '../job/newJob';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { packMeasures } from '../report/packMeasures';
import { newTank } from '../tank/newTank';
import { cardInput } from '../card/cardInput';
import { formatUvOnDate } from './formatUvOnDate';
import { stepContext } from './stepContext';

const NOW = '2026-11-27T10:00:00.000Z';
const around = { ...aloneOn(newTank('t', 'Hall', 0.1)), now: NOW };
const filter = {
  ...presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Cellar'),
  equipment: ['UV lamp' as const],
};
const stone = plainLayer('stone', 'lava', 'tray-1', 0.05);
const other = plainLayer('other', 'sintered-glass', 'tray-1', 0.05);
const job = (change: Partial<Job> = {}): Job => ({
  ...newJob({
    id: 'j',
    filterId: 'f',
    occasion: 'repack',
    stage: 'repack',
    startedAt: NOW,
    asFoundPackId: 'a',
    plannedPackId: 'b',
  }),
  ...change,
});
const contextOf = (change: Partial<Job> = {}, planned = [stone]) =>
  stepContext(
    {
      around,
      filter,
      job: job(change),
      found: [stone],
      planned,
      measures: packMeasures({ ...around, filter, layers: planned, flow: null }).measures,
      matureLeaves: null,
    },
    NOW,
    (moment) => moment.slice(0, 10),
  );
const running = [{ from: NOW, to: null, parkedIn: '' }];
const ticked = (key: string) => [{ key, done: true, at: NOW }];

describe('what the steps hang on', () => {
  it('is open while the media wait out of flow, and stays as it was begun whatever the clock does', () => {
    expect(contextOf().isOpen).toBe(false);
    expect(contextOf({ outOfFlow: running }).isOpen).toBe(true);
    // Begun closed: the clock that starts when the media come out does not take the steps away.
    expect(contextOf({ outOfFlow: running, ticks: ticked('stop/plug out') }).isOpen).toBe(false);
    // Begun open: back in flow, nothing is to be stopped again.
    expect(contextOf({ ticks: ticked('stop/plug stays out') }).isOpen).toBe(true);
  });

  it('names the parts that were found worn or missing, and what is not prepared', () => {
    expect(contextOf({ parts: { seal: 'worn', clips: 'missing', lid: 'fine' } }).replace).toEqual([
      'lid seal and its groove',
      'lid clips',
    ]);
    expect(contextOf().unprepared).toBe(0);
    expect(contextOf({}, [stone, other]).unprepared).toBeGreaterThan(0);
  });

  it('keeps the lamp off for three weeks where the film was lost, and not where all of it stays', () => {
    // Two to three weeks after seeding (common practice, no source).
    expect(contextOf({}, [other]).lampFrom).toBe('2026-12-18');
    expect(contextOf().lampFrom).toBeNull();
    expect(contextOf({ occasion: 'first pack' }).firstPack).toBe(true);
    const pack = { around, filter, job: job(), found: [stone], planned: [other] };
    expect(formatUvOnDate(pack, NOW, '2027-02-01T10:00:00.000Z')).toBeNull();
  });

  it('goes onto the card with the clean flow of the repack', () => {
    const pack = { around, filter, job: job(), found: [stone], planned: [other] };
    const spare = (part: 'impeller' | 'lid seal', count: number) =>
      ({ kind: 'spare', id: part, label: '', part, count, price: null }) as const;
    const shelf = { ...EMPTY_SHELF, items: [spare('impeller', 1), spare('lid seal', 0)] };
    const flow = {
      kind: 'flow' as const,
      id: 'e',
      filterId: 'f',
      jobId: 'j',
      at: NOW,
      note: '',
      moment: 'clean' as const,
      jugVolume: 2e-3,
      seconds: [20],
    };
    expect(cardInput(pack, NOW, [flow], shelf)).toMatchObject({
      clean: 1e-4,
      tank: 'Hall',
      packedAt: NOW,
      spares: ['impeller'],
    });
    expect(cardInput(pack, NOW, [], EMPTY_SHELF).clean).toBeNull();
  });
});
