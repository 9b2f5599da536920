import { describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import { loadFilterPage } from '@/server/loadFilterPage';
import { loadHome } from '@/server/loadHome';
import { once } from './changes';
import { addFilterContent, insertFilterContent, readFilterContent } from './filterFiles';
import { filters } from './filters';
import { jobs } from './jobs';
import { log } from './log';
import { openDatabase, type Db } from './openDatabase';
import { packs } from './packs';
import { photos } from './photos';
import { settings } from './settings';
import { tanks } from './tanks';

const NOW = '2026-11-25T12:00:00Z';

/** A database with the demo in it that writes down every statement that is run. */
function recordingDatabase(): { db: Db; real: Db; asked: { sql: string; values: unknown[] }[] } {
  const real = openDatabase(':memory:');
  for (const content of demoContent(new Date(NOW))) insertFilterContent(real, content);
  const asked: { sql: string; values: unknown[] }[] = [];
  const db = new Proxy(real, {
    get(target, key) {
      const value: unknown = Reflect.get(target, key);
      if (key !== 'prepare') return typeof value === 'function' ? (value.bind(target) as unknown) : value;
      return (sql: string) => {
        const statement = target.prepare(sql);
        const wrap = (inner: typeof statement): typeof statement =>
          new Proxy(inner, {
            get(prepared, method) {
              const own: unknown = Reflect.get(prepared, method);
              if (typeof own !== 'function') return own;
              return (...values: unknown[]) => {
                if (['run', 'get', 'all'].includes(String(method))) asked.push({ sql, values });
                const result: unknown = Reflect.apply(own, prepared, values);
                return result === prepared ? wrap(prepared) : result;
              };
            },
          });
        return wrap(statement);
      };
    },
  });
  return { db, real, asked };
}

const tablesIn = (sql: string): string[] =>
  ['log_entry', 'tank', 'filter', 'pack', 'outlook', 'job', 'settings', 'shelf'].filter((table) =>
    new RegExp(`(FROM|JOIN) ${table}( |$)`).test(sql.replace(/\s+/g, ' ')),
  );

describe('queries', () => {
  it('home asks every table once, however many filters there are', () => {
    const { db, asked } = recordingDatabase();
    expect(loadHome(db, NOW).filters).toHaveLength(4);
    // Outlooks once, and once which logs have changed since.
    expect(asked).toHaveLength(9);
    expect(asked.map(({ sql }) => tablesIn(sql)[0]).sort()).toEqual(
      ['filter', 'job', 'log_entry', 'outlook', 'outlook', 'pack', 'settings', 'shelf', 'tank'].sort(),
    );
  });

  it('home reads again only the logs that have changed, whatever was done to them', () => {
    const { db, asked } = recordingDatabase();
    loadHome(db, NOW);
    /** Filters whose log is read, and what home then has of the hatchery. */
    const readAgain = (): { read: unknown; notes: number } => {
      asked.length = 0;
      const found = loadHome(db, NOW).filters.find(({ filter }) => filter.id === 'hatchery')?.log ?? [];
      const [question] = asked.filter(({ sql }) => tablesIn(sql)[0] === 'log_entry');
      return {
        read: question === undefined ? null : JSON.parse(String(question.values[0])),
        notes: found.filter(({ note }) => note === 'Poured').length,
      };
    };
    expect(readAgain()).toEqual({ read: null, notes: 0 });
    const entry = {
      ...{ kind: 'top-up', id: 'poured', filterId: 'hatchery', jobId: null, at: NOW },
      ...{ volume: 1e-3, note: 'Poured' },
    } as const;
    log.add(db, entry);
    expect(readAgain()).toEqual({ read: ['hatchery'], notes: 1 });
    log.update(db, 'poured', { ...entry, note: 'Spilt' });
    expect(readAgain()).toEqual({ read: ['hatchery'], notes: 0 });
    log.update(db, 'poured', entry);
    log.remove(db, 'poured');
    expect(readAgain()).toEqual({ read: ['hatchery'], notes: 0 });
    expect(readAgain()).toEqual({ read: null, notes: 0 });
  });

  it('home reads summaries of logs, not the whole of them', () => {
    const { db } = recordingDatabase();
    for (let day = 0; day < 300; day += 1)
      log.add(db, {
        kind: 'flow',
        id: `daily-${day}`,
        filterId: 'hatchery',
        jobId: null,
        at: new Date(Date.parse(NOW) - day * 86_400_000).toISOString(),
        moment: 'between',
        jugVolume: 1e-3,
        seconds: [5],
        note: '',
      });
    const hatchery = loadHome(db, NOW).filters.find(({ filter }) => filter.id === 'hatchery');
    const flows = hatchery?.log.filter(({ kind }) => kind === 'flow') ?? [];
    const isClean = (flow: (typeof flows)[number]): boolean =>
      flow.kind === 'flow' && flow.moment === 'clean';
    expect(flows.filter((flow) => !isClean(flow))).toHaveLength(30);
    // However many came after it: the yardstick of the pack that is in stays.
    expect(flows.filter(isClean).length).toBeGreaterThan(0);
    expect(flows.at(-1)?.at).toBe(new Date(NOW).toISOString());
  });

  it('every other one finds its rows by an index', () => {
    const { db, real, asked } = recordingDatabase();
    loadFilterPage(db, 'reed-bench');
    const content = readFilterContent(db, 'window-sill');
    const copy = addFilterContent(db, content).doc;
    const job = jobs.start(db, copy.id, 'repack').doc;
    const photo = photos.add(db, job.id, null, { jpeg: Uint8Array.of(1), width: 1, height: 1 });
    photos.jpeg(db, photo.id);
    photos.remove(db, photo.id);
    const moved = jobs.moveTo(db, job.id, 1, 'plan');
    const layers = packs.get(db, job.plannedPackId).doc.layers;
    const other = jobs.addAlternative(db, job.id, moved.version, { name: 'Other', layers, visits: [] });
    packs.update(db, 1, { ...other.pack.doc, name: 'Another' });
    jobs.dropAlternative(db, job.id, other.job.version, other.pack.doc.id);
    filters.update(db, 1, { ...copy, name: 'Renamed' });
    const tank = tanks.get(db, copy.tankId);
    tanks.update(db, tank.version, tank.doc);
    const entry = log.ofFilter(db, copy.id)[0];
    if (entry !== undefined) log.remove(db, entry.id);
    settings.update(db, settings.get(db).version, settings.get(db).doc);
    once(db, 'change-1', 'PUT /', () => null);
    jobs.drop(db, job.id);
    filters.remove(db, copy.id);

    const plans = asked
      .filter(({ sql }) => !sql.startsWith('INSERT'))
      .flatMap(({ sql, values }) =>
        (real.prepare(`EXPLAIN QUERY PLAN ${sql}`).all(...values) as { detail: string }[]).map(
          ({ detail }) => `${detail}  in  ${sql.replace(/\s+/g, ' ')}`,
        ),
      );
    expect(plans.length).toBeGreaterThan(30);
    // A scan of what another part of the same query found, or of a list within a document, is no scan of a table.
    const scans = plans.filter(
      (plan) =>
        plan.startsWith('SCAN') && !/^SCAN (json_each|tree|CONSTANT ROW|\(subquery|\(join)/.test(plan),
    );
    expect([...new Set(scans)]).toEqual([]);
  });

  it('every foreign key has its index', () => {
    const db = openDatabase(':memory:');
    const tables = db
      .prepare(`SELECT name FROM sqlite_schema WHERE type = 'table'`)
      .pluck()
      .all() as string[];
    const missing = tables.flatMap((table) => {
      const keys = db.pragma(`foreign_key_list(${table})`) as { from: string }[];
      const leading = (db.pragma(`index_list(${table})`) as { name: string; partial: number }[])
        .filter(({ partial }) => partial === 0)
        .map(({ name }) => (db.pragma(`index_info(${name})`) as { name: string }[])[0]?.name);
      return keys.filter(({ from }) => !leading.includes(from)).map(({ from }) => `${table}.${from}`);
    });
    expect(missing).toEqual([]);
  });
});
