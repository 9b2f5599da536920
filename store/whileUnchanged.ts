import type { Db } from './openDatabase';

const known = new WeakMap<Db, { readonly stamp: string; readonly found: Map<string, unknown> }>();

/**
 * What was read of a database, once for as long as nothing in it changes, by this connection or another.
 *
 * @param key names what is read
 * @source SQLite: total_changes() counts the rows this connection changed, data_version the commits of others.
 */
export function whileUnchanged<T>(db: Db, key: string, read: () => T): T {
  const own: unknown = db.prepare('SELECT total_changes()').pluck().get();
  const stamp = `${String(db.pragma('data_version', { simple: true }))} ${String(own)}`;
  let last = known.get(db);
  if (last?.stamp !== stamp) {
    last = { stamp, found: new Map() };
    known.set(db, last);
  }
  if (!last.found.has(key)) last.found.set(key, read());
  return last.found.get(key) as T;
}
