import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type Database from 'better-sqlite3';
import { ROOT } from '../prepare.mjs';
import { oneOf } from './mutate';

/** A way into the app: a method of an address, with `[id]` and the like where something is named. */
export interface Door {
  readonly method: string;
  readonly address: string;
}

/** Folder of the routes. */
const ROUTES = path.join(ROOT, 'app', 'api');
/** The one that does not end: it tells news for as long as it is listened to. */
const ENDLESS = '/api/events';

/** Every door of the app, read from its routes, so that none is forgotten. */
export function everyDoor(): Door[] {
  return readdirSync(ROUTES, { recursive: true, encoding: 'utf8' })
    .filter((file) => path.basename(file) === 'route.ts')
    .flatMap((file) => {
      const address = `/api/${path.dirname(file).split(path.sep).join('/')}`;
      const methods = readFileSync(path.join(ROUTES, file), 'utf8').matchAll(
        /export (?:async function|const) (GET|HEAD|POST|PUT|PATCH|DELETE)\b/g,
      );
      return address === ENDLESS ? [] : [...methods].map(([, method = '']) => ({ method, address }));
    });
}

/** The table behind the first part of an address, where there is one. */
const TABLES: Readonly<Record<string, string>> = {
  filters: 'filter',
  jobs: 'job',
  log: 'log_entry',
  packs: 'pack',
  photos: 'photo',
  settings: 'settings',
  shelf: 'shelf',
  tanks: 'tank',
};
const DOCUMENT_TABLES = ['tank', 'filter', 'pack', 'job', 'log_entry', 'settings', 'shelf'] as const;
const KINDS = ['tank', 'filter', 'pack', 'job', 'logEntry', 'settings', 'shelf', 'nothing'] as const;

interface Row {
  readonly doc: string;
  readonly version?: number;
}

const idsOf = (db: Database.Database, table: string): string[] =>
  db.prepare(`SELECT id FROM ${table}`).pluck().all() as string[];

/** What a page of the app would ask at a door, with what is stored now. @param random 0–1 */
export function plainRequest(
  { method, address }: Door,
  db: Database.Database,
  random: () => number,
): { readonly path: string; readonly body: unknown } {
  const [, , subject = ''] = address.split('/');
  const table = TABLES[subject];
  const ids = table === undefined ? [] : idsOf(db, table);
  const id = ids.length === 0 ? 'none' : oneOf(ids, random);
  const place = address
    .replace('[kind]', oneOf(KINDS, random))
    .replace('[packId]', idsOf(db, 'pack')[0] ?? 'none')
    .replace(/\[\w+\]/, encodeURIComponent(id));
  const rowOf = (name: string): Row | undefined => {
    const count = Number(db.prepare(`SELECT count(*) FROM ${name}`).pluck().get());
    const at = Math.floor(random() * count);
    return db.prepare(`SELECT * FROM ${name} ORDER BY id LIMIT 1 OFFSET ?`).get(at) as Row | undefined;
  };
  const own =
    table === undefined || table === 'photo'
      ? undefined
      : (db.prepare(`SELECT * FROM ${table} WHERE id = ?`).get(id) as Row | undefined);
  const row = own ?? rowOf(oneOf(DOCUMENT_TABLES, random));
  const doc = row === undefined ? {} : (JSON.parse(row.doc) as Record<string, unknown>);
  const filterId = idsOf(db, 'filter')[0] ?? 'none';
  const entry = { ...JSON.parse(rowOf('log_entry')?.doc ?? '{}'), id: `entry-${random()}` } as object;
  switch (`${method} ${address}`) {
    case 'POST /api/log':
      return { path: place, body: entry };
    case 'PUT /api/log/[id]':
      return { path: place, body: doc };
    case 'POST /api/log/many':
    case 'POST /api/filters/[id]/log':
      return { path: place, body: { entries: [entry] } };
    case 'DELETE /api/log/many':
    case 'DELETE /api/filters/[id]/log':
      return { path: place, body: { ids: [idsOf(db, 'log_entry')[0]] } };
    case 'POST /api/filters':
      return {
        path: place,
        body: {
          tank: { ...JSON.parse(rowOf('tank')?.doc ?? '{}'), id: `tank-${random()}` } as object,
          filter: { ...JSON.parse(rowOf('filter')?.doc ?? '{}'), id: `filter-${random()}` } as object,
        },
      };
    case 'POST /api/jobs':
      return { path: place, body: { filterId, occasion: oneOf(['repack', 'first pack', 'plan'], random) } };
    case 'POST /api/incoming':
      return { path: place, body: { size: Math.floor(random() * 1e6) } };
    default:
      return { path: place, body: { version: row?.version ?? 1, doc } };
  }
}
