import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { intakeSponge } from '../filter/intakeSponge';
import { plainLayer } from '../layers/plainLayer';
import { isOfTank } from '../log/isOfTank';
import type { LogEntry } from '../log/logEntry';
import { formatSentence } from '../units/sentence';
import { dueList, dedupeTankItems, type Due, type DueInput } from './due';
import type { OutlookForecast } from '../outlook/outlook';

const NO_COURSE = { likely: [], low: [], high: [] };

const PACKED = '2026-06-01T12:00:00.000Z';
const day = (number: number): string => new Date(Date.parse(PACKED) + number * 86_400_000).toISOString();
const reed = WATERS.find(({ filter }) => filter.id === 'reed-bench')!;

const ahead = (change: Partial<OutlookForecast> = {}): OutlookForecast => ({
  packedAt: PACKED,
  by: 'through',
  earliest: 40,
  likely: 50,
  latest: 60,
  flow: NO_COURSE,
  lost: NO_COURSE,
  passes: NO_COURSE,
  visits: [
    {
      day: 40,
      works: [
        { layerId: 'rb-floss', work: 'replace' },
        { layerId: 'rb-medium', work: 'squeeze' },
      ],
      lifts: [],
      minutes: 34,
      why: 'flow',
    },
  ],
  sponge: null,
  ...change,
});
const common = (at: number) => ({ id: `e${at}`, filterId: 'reed-bench', jobId: null, at: day(at), note: '' });
const repacked: LogEntry = { kind: 'repacked', ...common(0) };
const water = (at: number): LogEntry => ({
  kind: 'water change',
  ...common(at),
  share: 0.3,
  dechlorinated: true,
});

const listed = (now: number, change: Partial<DueInput> = {}, forecast = ahead()): Due[] =>
  dueList({
    ...reed,
    outlook: { learned: { posterior: null, refused: false, odd: [] }, forecast },
    log: [repacked],
    now: day(now),
    ...change,
  });
const find = (all: readonly Due[], key: string): Due | undefined =>
  all.find((item) => item.key.startsWith(key));

describe('dueList', () => {
  it('plans a visit on the early end, with what is done to each layer and what to bring', () => {
    const visit = find(listed(20), 'visit')!;
    expect(visit).toMatchObject({ inDays: 20, latestInDays: 40, on: day(40).slice(0, 10), minutes: 34 });
    expect(formatSentence(visit.what)).toBe(
      'Replace the bonded floss pad and squeeze the medium foam, 30 ppi.',
    );
    expect(visit.bring).toEqual(['old tank water', 'new bonded floss pad']);
  });

  it('says from when on it is overdue: since the end of its range, not its beginning', () => {
    expect(find(listed(50), 'visit')).toMatchObject({ inDays: 0, latestInDays: 10 });
    expect(find(listed(65), 'visit')).toMatchObject({ inDays: -5 });
  });

  it('says what will be so before its day, and what probably is from then on', () => {
    const why = (day: number): string => formatSentence(find(listed(day), 'visit')!.why);
    expect(why(20)).toContain('will be');
    expect(why(50)).toContain('probably');
  });

  it('does the visit with a water change that falls near, and says so', () => {
    // Weekly by habit, last on day 35: the next on day 42, two days after the visit.
    const all = listed(36, { log: [repacked, water(35)] });
    expect(find(all, 'water')).toMatchObject({ inDays: 6 });
    expect(find(all, 'visit')).toMatchObject({ inDays: 6, withWaterChange: true });
    expect(find(listed(20, { log: [repacked, water(20)] }), 'visit')!.withWaterChange).toBe(false);
  });

  it('does not let a visit that is due wait for the water: the water is changed with it', () => {
    // The visit was planned for day 40; the water would be changed on day 43.
    const all = listed(41, { log: [repacked, water(36)] });
    expect(find(all, 'visit')).toMatchObject({ inDays: 0, withWaterChange: true });
    expect(find(all, 'water')).toMatchObject({ inDays: 0, on: find(all, 'visit')!.on });
  });

  it('brings parts by date, those near the next visit or never logged with it', () => {
    // A repack brushes hoses and cleans the impeller: hoses after sixty days, impeller after ninety (common practice,
    // no source). On day 30 the hoses are due twenty days after the visit, too far off to go with it.
    expect(find(listed(30), 'hoses')!.inDays).toBe(30);
    expect(find(listed(40), 'impeller')!.inDays).toBe(50);
    const brushed: LogEntry = {
      kind: 'service',
      ...common(-10),
      works: [{ layerId: null, work: 'hoses brushed' }],
      flowWas: 'not known',
    };
    // Brushed ten days before the pack is known to have gone in: due on day 50, within a fortnight of the visit on day 40.
    expect(find(listed(30, { log: [brushed] }), 'hoses')!.inDays).toBe(10);
    // A UV tube that nobody logged is changed at the visit.
    const lit = { ...reed.filter, equipment: [...reed.filter.equipment, 'UV lamp' as const] };
    const lamp = find(listed(30, { filter: lit }), 'lamp')!;
    expect(lamp.inDays).toBe(10);
    expect(formatSentence(lamp.why)).toContain('Not logged yet');
    // A filter without hoses has none to brush.
    const { filter } = WATERS.find((candidate) => candidate.filter.hoses === null)!;
    expect(find(listed(30, { filter }), 'hoses')).toBeUndefined();
  });

  it('replaces a cheap sleeve by date, from when it was put on or replaced, and leaves good foam alone', () => {
    const cheap = addIntakeSponge(reed.filter);
    const place = intakeSponge(cheap)!.id;
    const filter = { ...cheap, equipment: [...cheap.equipment, 'cheap sleeve' as const] };
    const sleeve = { ...plainLayer('sleeve', 'foam-30', place, 0.02), installedOn: day(-100).slice(0, 10) };
    const layers = [...reed.layers, sleeve];
    // 120 days (common practice, no source: a few months), by the calendar from a hundred days before the pack.
    expect(find(listed(10, { filter, layers }), 'sleeve')!.inDays).toBe(10);
    const replaced: LogEntry = {
      kind: 'service',
      ...common(5),
      works: [{ layerId: 'sleeve', work: 'replaced' }],
      flowWas: 'not known',
    };
    expect(find(listed(70, { filter, layers, log: [repacked, replaced] }), 'sleeve')!.inDays).toBe(55);
    expect(find(listed(10, { filter: cheap, layers }), 'sleeve')).toBeUndefined();
    const undated = [...reed.layers, { ...sleeve, installedOn: null }];
    expect(find(listed(10, { filter, layers: undated }), 'sleeve')).toBeUndefined();
  });

  it('squeezes air-driven filters by date once that was logged, and tells it of the tank', () => {
    const air = { id: 'a', kind: 'sponge', medium: 'foam-30', volume: 2e-4, installedOn: null } as const;
    const tank = { ...reed.tank, airFilters: [air, { ...air, id: 'b' }] };
    const squeezed: LogEntry = {
      kind: 'service',
      ...common(8),
      works: [{ layerId: null, work: 'air-driven filter squeezed' }],
      flowWas: 'not known',
    };
    expect(isOfTank(squeezed)).toBe(true);
    expect(isOfTank(repacked)).toBe(false);
    const due = find(listed(10, { tank, log: [repacked, squeezed] }), 'air')!;
    expect(due).toMatchObject({ key: `air ${reed.tank.id}`, inDays: 26 });
    expect(formatSentence(due.what)).toBe('Squeeze the 2 air-driven filters, one a week.');
    expect(find(listed(10, { tank }), 'air')).toBeUndefined();
    expect(find(listed(10, { log: [repacked, squeezed] }), 'air')).toBeUndefined();
  });

  it('cleans a filter that takes the dirt for others by its days, whatever its forecast', () => {
    const filter = { ...reed.filter, cleanedEvery: 7 };
    const visit = find(listed(3, { filter }), 'visit')!;
    expect(visit).toMatchObject({ inDays: 4, latestInDays: null });
    expect(formatSentence(visit.what)).toBe(
      'Replace the bonded floss pad and squeeze the coarse foam, 15 ppi and the medium foam, 30 ppi.',
    );
    expect(visit.bring).toEqual(['old tank water', 'new bonded floss pad']);
    expect(visit.minutes).toBeGreaterThan(20);
    const cleaned: LogEntry = {
      kind: 'service',
      ...common(5),
      works: [{ layerId: 'rb-floss', work: 'replaced' }],
      flowWas: 'fine',
    };
    expect(find(listed(6, { filter, log: [repacked, cleaned] }), 'visit')!.inDays).toBe(6);
    expect(find(listed(6, { filter, log: [] }), 'visit')).toBeUndefined();
  });

  it('tells what belongs to a tank once, however many filters hang on it', () => {
    const due = listed(36, { log: [repacked, water(35)] });
    const [first, second] = dedupeTankItems([
      { due },
      { due: due.filter(({ key }) => key.startsWith('water')) },
    ]);
    expect(find(first!.due, 'water')).toBeDefined();
    expect(second!.due).toEqual([]);
  });

  it('squeezes the intake sponge by its own forecast, counted from the last squeeze', () => {
    const chamber = { ...reed.filter.chambers[0]!, id: 'intake', where: 'intake' as const };
    const filter = { ...reed.filter, chambers: [chamber, ...reed.filter.chambers] };
    const layers = [{ ...reed.layers[1]!, id: 'sleeve', chamber: 'intake' }, ...reed.layers];
    const squeezed: LogEntry = {
      kind: 'service',
      ...common(14),
      works: [{ layerId: 'sleeve', work: 'squeezed' }],
      flowWas: 'fine',
    };
    const forecast = ahead({ sponge: 15 });
    expect(find(listed(5, { filter, layers }, forecast), 'sponge')!.inDays).toBe(10);
    expect(find(listed(16, { filter, layers, log: [repacked, squeezed] }, forecast), 'sponge')!.inDays).toBe(
      13,
    );
  });

  it('calls for service now where the timed flow is weak, whatever is planned', () => {
    /** @param seconds in which two litres ran into the jug */
    const jug = (at: number, seconds: number): LogEntry => ({
      kind: 'flow',
      ...{ ...common(at), id: `jug${at}` },
      moment: at === 0 ? 'clean' : 'between',
      jugVolume: 2e-3,
      seconds: [seconds, seconds, seconds],
    });
    const weak = [repacked, jug(0, 9), jug(19, 20)];
    // Less than the usual 60 % of the clean flow (common practice, no source).
    const visit = find(listed(20, { log: weak }), 'visit')!;
    expect(visit).toMatchObject({ inDays: 0, on: day(20).slice(0, 10), latestInDays: 40, minutes: 34 });
    expect(formatSentence(visit.why)).toContain('45 %');
    const unplanned = find(listed(20, { log: weak, outlook: null }), 'visit')!;
    expect(unplanned).toMatchObject({ inDays: 0, minutes: null, bring: [], withWaterChange: false });
    expect(formatSentence(unplanned.what)).toBe('Clean this filter.');
    // Cleaned since: that jug says nothing of the filter as it is.
    const cleaned: LogEntry = { kind: 'service', ...common(19.5), works: [], flowWas: 'low' };
    expect(find(listed(20, { log: [...weak, cleaned] }), 'visit')!.inDays).toBe(20);
    expect(find(listed(20, { log: [repacked, jug(0, 9), jug(19, 10)] }), 'visit')!.inDays).toBe(20);
    // Overdue by its range already: the weak flow does not make it younger.
    expect(find(listed(65, { log: weak }), 'visit')!.inDays).toBe(-5);
  });

  it('calls for service now where the likely day has come before the planned one', () => {
    const late = ahead({ visits: [{ ...ahead().visits[0]!, day: 58 }] });
    const visit = find(listed(52, {}, late), 'visit')!;
    expect(visit.inDays).toBe(0);
    expect(formatSentence(visit.why)).toBe('Needs service about now.');
  });

  it('lists preparations whose day has come, and the next stage of a media swap', () => {
    const said = (preparations: number) => find(listed(20, { preparations }), 'prepare');
    expect(said(0)).toBeUndefined();
    expect(formatSentence(said(1)!.what)).toBe('Do one preparation for the repack.');
    expect(formatSentence(said(3)!.what)).toBe('Do 3 preparations for the repack.');
    expect(said(3)!.inDays).toBe(0);
    const piece = { key: 'p', name: 'Rings', surface: 1, newSurface: 1, whole: false, zeolite: null };
    const swap = {
      begunOn: day(14).slice(0, 10),
      pieces: [piece],
      stages: [0, 10].map((at) => ({
        day: at,
        parts: [{ key: 'p', share: 0.5 }],

        doneOn: null,
      })),
    };
    const stage = find(listed(20, { filter: { ...reed.filter, swap } }), 'swap')!;
    expect(formatSentence(stage.what)).toBe('Do stage 1 of the media swap.');
    expect(stage).toMatchObject({ inDays: -6, bring: ['test kit'] });
    const waiting = { ...swap, begunOn: null };
    const filter = { ...reed.filter, swap: waiting };
    expect(find(listed(20, { filter }), 'swap')).toBeUndefined();
  });

  it('looks sixty days ahead and no further, soonest first', () => {
    // The impeller is due ninety days after the repack.
    expect(find(listed(29), 'impeller')).toBeUndefined();
    expect(find(listed(30), 'impeller')!.inDays).toBe(60);
    const days = listed(36, { log: [repacked, water(35)], preparations: 1 }).map(({ inDays }) => inDays);
    expect(days.length).toBeGreaterThan(3);
    expect(days).toEqual(days.toSorted((a, b) => a - b));
  });

  it('looks into a filter that needs nothing yet, and rinses what silted up in old water', () => {
    const seen = (why: 'look' | 'biological', works: OutlookForecast['visits'][number]['works']) =>
      find(listed(20, {}, ahead({ visits: [{ ...ahead().visits[0]!, why, works }] })), 'visit')!;
    const look = seen('look', []);
    expect(formatSentence(look.what)).toBe('Look into the filter.');
    expect(formatSentence(look.why)).toContain('a forecast can be wrong');
    expect(look.bring).toEqual([]);
    const swish = { layerId: 'rb-medium', work: 'rinse' } as const;
    expect(formatSentence(seen('look', [swish]).what)).toBe(
      'Look into the filter: swish the medium foam, 30 ppi.',
    );
    const silted = seen('biological', [swish]);
    expect(silted.bring).toEqual(['old tank water']);
    expect(formatSentence(silted.why)).toContain('Silt');
    expect(seen('biological', [{ layerId: 'rb-floss', work: 'replace' }]).bring).toEqual([
      'new bonded floss pad',
    ]);
    // A plan made before a layer was taken out says so.
    expect(formatSentence(seen('biological', [{ layerId: 'gone', work: 'squeeze' }]).what)).toContain(
      'no longer in the filter',
    );
  });

  it('keeps a water change on its own day where that comes before the visit, or the visit is far', () => {
    // Weekly, last on day 31: due on day 38, two days before the visit, which is moved to it.
    const before = listed(36, { log: [repacked, water(31)] });
    expect(find(before, 'water')).toMatchObject({ inDays: 2, minutes: null, bring: ['dechlorinator'] });
    expect(find(before, 'visit')).toMatchObject({ inDays: 2, withWaterChange: true });
    // Three days apart is together, four is not.
    expect(find(listed(35, { log: [repacked, water(30)] }), 'visit')!.withWaterChange).toBe(true);
    expect(find(listed(35, { log: [repacked, water(29)] }), 'visit')!.withWaterChange).toBe(false);
    const why = find(before, 'water')!;
    expect(formatSentence(why.why)).toBe('You change water every 7 days.');
    expect(formatSentence(why.what)).toBe('Change 30 % of the water.');
    // No habit, nothing due; a habit that was never kept has no day.
    const tank = { ...reed.tank, routine: { ...reed.tank.routine, waterChange: null } };
    expect(find(listed(36, { tank, log: [repacked, water(31)] }), 'water')).toBeUndefined();
    expect(find(listed(36, { log: [repacked] }), 'water')).toBeUndefined();
  });

  it('counts a part from the work on that part alone', () => {
    const done = (work: 'hoses brushed' | 'impeller cleaned'): LogEntry => ({
      kind: 'service',
      ...common(25),
      works: [
        { layerId: 'rb-floss', work: 'replaced' },
        { layerId: null, work },
      ],
      flowWas: 'fine',
    });
    // Sixty days after a brushing on day 25, and after the repack on day 0 where another part was cleaned.
    expect(find(listed(31, { log: [repacked, done('hoses brushed')] }), 'hoses')!.inDays).toBe(54);
    expect(find(listed(31, { log: [repacked, done('impeller cleaned')] }), 'hoses')!.inDays).toBe(29);
    expect(formatSentence(find(listed(31), 'hoses')!.why)).not.toContain('Not logged');
    // With no visit known, a part that nobody logged has no day.
    expect(find(listed(31, { log: [water(30)], outlook: null }), 'impeller')).toBeUndefined();
    expect(find(listed(31, { outlook: null }), 'hoses')!.inDays).toBe(29);
  });

  it('asks for nothing where nothing is known', () => {
    expect(dueList({ ...reed, outlook: null, log: [], now: day(0) })).toEqual([]);
    expect(listed(20, { log: [] }, ahead({ visits: [] }))).toEqual([]);
  });

  it('puts off what the keeper puts off, with the reason, until that day or until it is due again', () => {
    const snooze = (at: number, until: number, id = `s${at}`): LogEntry => ({
      ...{ kind: 'snooze', ...common(at), id },
      ...{ item: 'visit reed-bench', until: day(until).slice(0, 10), note: 'The pads come on Monday.' },
    });
    const off = (now: number, ...entries: LogEntry[]) =>
      find(listed(now, { log: [repacked, ...entries] }), 'visit')!;
    expect(off(38, snooze(37, 45))).toMatchObject({
      inDays: 7,
      on: day(45).slice(0, 10),
      snoozed: { entryId: 's37', why: 'The pads come on Monday.' },
    });
    // The day has come; it was put off to before its own day; a later one counts.
    expect(off(46, snooze(37, 45)).snoozed).toBeNull();
    expect(off(30, snooze(29, 35))).toMatchObject({ inDays: 10, snoozed: null });
    expect(off(38, snooze(36, 60), snooze(37, 42, 'newer')).snoozed?.entryId).toBe('newer');
  });
});
