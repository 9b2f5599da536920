import type { LogEntry } from '@/core/log/logEntry';
import { NO_OUTLOOK } from '@/store/outlooks';
import { formatSentence } from '@/core/units/sentence';
import { beforeAll, describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import type { Outlook } from '@/core/outlook/outlook';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { insertFilterContent } from '@/store/filterFiles';
import { openDatabase } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';
import { HOME_ROWS, homePage } from './homePage';
import type { HomeFilter } from './homeRow';
import { loadHome } from './loadHome';

const NO_COURSE = { likely: [], low: [], high: [] };

const ASKED = { find: '', page: 1, order: [], away: null, shelf: EMPTY_SHELF } as const;
const NOW = '2026-11-25T12:00:00.000Z';

describe('homePage', () => {
  let four: readonly HomeFilter[];
  let many: readonly HomeFilter[];
  beforeAll(() => {
    const db = openDatabase(':memory:');
    for (const content of demoContent(new Date(NOW))) insertFilterContent(db, content);
    const visit = { works: [{ layerId: 'lr-fine', work: 'replace' }], lifts: [], minutes: 28, why: 'flow' };
    const forecast = {
      packedAt: new Date(Date.parse(NOW) - 36 * 86_400_000).toISOString(),
      ...{ by: 'through', earliest: 30, likely: 32, latest: 34, sponge: null },
      ...{ flow: NO_COURSE, lost: NO_COURSE, passes: NO_COURSE, visits: [{ day: 36, ...visit }] },
    };
    const outlook = { learned: { posterior: null, refused: false, odd: [] }, forecast } as Outlook;
    outlooks.put(db, 'long-run', outlooks.get(db, 'long-run').revision, outlook);
    four = loadHome(db, NOW).filters;
    many = Array.from({ length: 45 }, (_, index) => {
      const base = four[index % 4]!;
      return { ...base, filter: { ...base.filter, id: `f${index}`, name: `${base.filter.name} ${index}` } };
    });
  });

  it('shows all where they are few, with what is due across them', () => {
    const home = homePage(four, ASKED, NOW);
    expect(home).toMatchObject({ found: 4, all: 4, page: 1, pages: 1 });
    expect(home.due).toMatchObject({ now: true, count: 1, minutes: 28 });
    expect(home.due.filters[0]).toMatchObject({ name: 'Long run', items: [{ inDays: -2 }] });
    expect(home.stale.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Reed bench', 'Window sill', 'Hatchery']),
    );
    expect(home.stale.map(({ name }) => name)).not.toContain('Long run');
  });

  it('leafs through many, the most urgent first, and takes the nearest page for one that is not there', () => {
    const pages = [1, 2, 3, 4].map((page) => homePage(many, { ...ASKED, page }, NOW));
    expect(pages.map(({ rows }) => rows.length)).toEqual([
      HOME_ROWS,
      HOME_ROWS,
      HOME_ROWS,
      45 - 3 * HOME_ROWS,
    ]);
    const urgencies = pages.flatMap(({ rows }) => rows.map(({ next }) => next.urgency));
    expect(urgencies).toEqual([...urgencies].sort((a, b) => a - b));
    expect(new Set(pages.flatMap(({ rows }) => rows.map(({ id }) => id))).size).toBe(45);
    expect(homePage(many, { ...ASKED, page: 99 }, NOW).page).toBe(4);
    expect(homePage(many, { ...ASKED, page: -4 }, NOW).page).toBe(1);
  });

  it('finds by the name of filter or tank, whatever the case', () => {
    const home = homePage(many, { ...ASKED, find: 'LONG RUN 1' }, NOW);
    expect(home.rows.every(({ name }) => name.startsWith('Long run 1'))).toBe(true);
    expect(home.found).toBeGreaterThan(0);
    expect(home.all).toBe(45);
    expect(homePage(many, { ...ASKED, find: 'no such', page: 2 }, NOW)).toMatchObject({
      found: 0,
      page: 1,
      rows: [],
    });
  });

  it('says what comes next where nothing is due, and nothing where nothing is known', () => {
    const later = new Date(Date.parse(NOW) - 20 * 86_400_000).toISOString();
    const then = four.map((item) => ({ ...item, log: item.log.filter(({ at }) => at <= later) }));
    const home = homePage(then, ASKED, later);
    expect(home.due.now).toBe(false);
    expect(home.due.filters).toHaveLength(1);
    expect(home.due.filters[0]!.items[0].inDays).toBeGreaterThan(0);
    expect(homePage([], ASKED, NOW).due.filters).toEqual([]);
  });

  it('has one list of what is due: a row that needs service is on it, by forecast or by measured flow', () => {
    const listedNow = (home: ReturnType<typeof homePage>): string[] =>
      home.due.now ? home.due.filters.map(({ id }) => id) : [];
    const needing = (home: ReturnType<typeof homePage>): string[] =>
      home.rows
        .filter(({ next }) => /needs service|any day now|is due/i.test(formatSentence(next.state)))
        .map(({ id }) => id);
    for (let day = -30; day <= 60; day += 1) {
      const now = new Date(Date.parse(NOW) + day * 86_400_000).toISOString();
      const home = homePage(four, ASKED, now);
      expect(needing(home).filter((id) => !listedNow(home).includes(id))).toEqual([]);
    }
    // A jug that was timed just now, half of what it was when clean.
    const timed = (id: string, moment: 'clean' | 'between', at: string, seconds: number): LogEntry => ({
      ...{ kind: 'flow', id, moment, at, filterId: 'hatchery', jobId: null, note: '', jugVolume: 1e-3 },
      seconds: [seconds],
    });
    const weak = four
      .filter(({ filter }) => filter.id === 'hatchery')
      .map((item) => ({
        ...item,
        outlook: NO_OUTLOOK,
        log: [timed('a', 'clean', '2026-01-01T10:00:00Z', 5), timed('b', 'between', NOW, 10)],
      }));
    const home = homePage(weak, ASKED, NOW);
    expect(needing(home)).toEqual(['hatchery']);
    expect(listedNow(home)).toEqual(['hatchery']);
    expect(formatSentence(home.due.filters[0]!.items[0].why)).toMatch(/flow is at 50 % of clean/);
  });

  it('lists what is due in the keeper’s own order, and what to do before a time away', () => {
    const due = homePage(many, ASKED, NOW).due.filters.map(({ id }) => id);
    const last = due.at(-1)!;
    const ordered = homePage(many, { ...ASKED, order: [last] }, NOW);
    expect(ordered.due.filters[0]!.id).toBe(last);
    expect(ordered.away).toBeNull();
    const away = homePage(four, { ...ASKED, away: { from: '2026-12-01', days: 10 } }, NOW).away!;
    expect(away.count).toBe(4);
    expect(away.filters.find(({ id }) => id === 'long-run')!.before.length).toBeGreaterThan(0);
    expect(away.filters.find(({ id }) => id === 'hatchery')!.holds).toBe('not known');
    expect(homePage(four, { ...ASKED, away: { from: '2026-11-01', days: 10 } }, NOW).away).toBeNull();
  });

  it('says what the shelf is short of, of filters that are in use', () => {
    expect(homePage(four, { ...ASKED, shelf: DEMO_SHELF }, NOW).stock.warnings).toEqual([]);
    const bare = { ...DEMO_SHELF, items: DEMO_SHELF.items.filter(({ id }) => id !== 'pads') };
    const { warnings, more } = homePage(four, { ...ASKED, shelf: bare }, NOW).stock;
    expect(warnings.map(({ key, inDays }) => [key, inDays])).toEqual([['floss-bonded', 0]]);
    expect(more).toBe(0);
    expect(homePage(four, ASKED, NOW).stock.warnings).toEqual([]);
  });
});
