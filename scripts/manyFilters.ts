// Makes a database of a large fish room, to see how the app bears it: `npx tsx scripts/manyFilters.ts FILE [filters] [entries]`.
import { rmSync } from 'node:fs';
import { demoContent } from '@/demo/demoContent';
import type { LogEntry } from '@/core/log/logEntry';
import { insertFilterContent } from '@/store/filterFiles';
import { openDatabase } from '@/store/openDatabase';

const [file, filters = '300', entries = '100000'] = process.argv.slice(2);
if (file === undefined) throw new Error('Name the database file to make.');
for (const ending of ['', '-wal', '-shm']) rmSync(file + ending, { force: true });
const db = openDatabase(file);
const now = new Date();
const waters = demoContent(now);
const DAY = 86_400_000;
/** Entries that are added to what the demo’s log holds already, for each filter. */
const more = Math.ceil(Number(entries) / Number(filters));

/** A diary of quick looks, tests, top-ups and water changes, day by day backwards. */
const diary = (filterId: string, count: number): LogEntry[] =>
  Array.from({ length: count }, (_, index): LogEntry => {
    const common = {
      id: `${filterId}-diary-${index}`,
      filterId,
      jobId: null,
      at: new Date(now.getTime() - index * DAY - DAY / 2).toISOString(),
      note: '',
    };
    if (index % 7 === 0) return { kind: 'water change', ...common, share: 0.25, dechlorinated: true };
    if (index % 7 === 3)
      return { kind: 'test', ...common, ammonia: 0, nitrite: 0, nitrate: 0.004, pH: 7.2, scale: 'ion' };
    if (index % 7 === 5) return { kind: 'top-up', ...common, volume: 1e-3 };
    return { kind: 'look', ...common, seen: ['all well'] };
  });

/** The same content under other ids, so that it can stand there many times. */
function renamed<T>(content: T, from: string, to: string): T {
  return JSON.parse(JSON.stringify(content).replaceAll(`"${from}`, `"${to}`)) as T;
}

db.transaction(() => {
  for (let number = 0; number < Number(filters); number += 1) {
    const water = waters[number % waters.length]!;
    const { id } = water.filter;
    const copy = renamed(water, id, `${id}-${number}`);
    insertFilterContent(db, {
      ...copy,
      tank: { ...copy.tank, name: `Rack ${Math.floor(number / 10) + 1}, tank ${(number % 10) + 1}` },
      filter: { ...copy.filter, name: `${copy.filter.name} ${number + 1}` },
      log: [...copy.log, ...diary(copy.filter.id, Math.max(0, more - copy.log.length))],
    });
  }
})();
const count = db.prepare('SELECT count(*) FROM log_entry').pluck().get();
console.log(`${filters} filters and ${String(count)} log entries in ${file}.`);
db.close();
