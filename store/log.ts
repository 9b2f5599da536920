import { MAX_MARKS } from '@/core/care/waterLost';
import { IdSchema } from '@/core/document/fields';
import { LogEntrySchema, type LogEntry } from '@/core/log/logEntry';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import { MAX_LOG_ENTRIES } from '@/formats/fileLimits';
import { valid } from './documentTable';
import { InvalidError, NotFoundError } from './errors';
import { filters } from './filters';
import type { Db } from './openDatabase';
import { allOf, readRow, sorted, type DocumentRow, type Sorted } from './readRow';
import { checkFileSize } from './checkFileSize';

/** The newest of each filter in a summary, by kind: more than its chart shows, and what is due hangs on. */
const SUMMARY = [
  { kind: 'flow', most: 30, but: `json_extract(doc, '$.moment') <> 'clean'` },
  // Apart: later flows are held against the clean one, however many they are.
  { kind: 'flow', most: 6, but: `json_extract(doc, '$.moment') = 'clean'` },
  { kind: 'repacked', most: 8, but: 'TRUE' },
  { kind: 'service', most: 20, but: 'TRUE' },
  { kind: 'water change', most: MAX_MARKS, but: 'TRUE' },
  { kind: 'top-up', most: MAX_MARKS, but: 'TRUE' },
  { kind: 'snooze', most: 4, but: 'TRUE' },
] as const;

/** What of a log is asked for. */
export interface LogQuery {
  readonly kind: string | null;
  readonly text: string;
  readonly from: number;
  readonly count: number;
}

const readRows = (rows: readonly DocumentRow[]): Sorted<LogEntry> =>
  sorted(rows.map((row) => readRow('logEntry', row)));

/** Significant digits by which two figures are the same: a file may have rounded the last bits. */
const SAME_DIGITS = 9;

/** What an entry says, whatever it is called and whichever repack it belongs to. */
const contentOf = (entry: LogEntry): string =>
  JSON.stringify(
    { ...entry, id: '', jobId: null, at: new Date(entry.at).toISOString() },
    (_, value: unknown) => (typeof value === 'number' ? Number(value.toPrecision(SAME_DIGITS)) : value),
  );

/** Refuses a log that has grown too long. @throws InvalidError */
export function checkLength(db: Db, filterId: string): void {
  const count = Number(
    db.prepare('SELECT count(*) FROM log_entry WHERE filter_id = ?').pluck().get(filterId),
  );
  if (count > MAX_LOG_ENTRIES)
    throw new InvalidError([
      `The log of this filter is full at ${MAX_LOG_ENTRIES} entries. Save the filter as a file, then delete old entries.`,
    ]);
}

/** What was read of the logs last, by filter, with the stamp that each log had then. */
const readBefore = new WeakMap<
  Db,
  ReadonlyMap<string, { readonly stamp: string; readonly found: Sorted<LogEntry> }>
>();

/** The newest entries of some filters, those of each oldest first. */
function summariesOf(db: Db, filterIds: readonly string[]): Map<string, Sorted<LogEntry>> {
  if (filterIds.length === 0) return new Map();
  const ids = JSON.stringify(filterIds);
  const rows = db
    .prepare(
      `SELECT filter_id, id, schema_version, doc FROM (${SUMMARY.map(
        ({ but }) => `SELECT entry.filter_id, entry.id, entry.schema_version, entry.doc, entry.at
          FROM json_each(?) AS asked JOIN log_entry AS entry ON entry.rowid IN (
            SELECT rowid FROM log_entry INDEXED BY log_by_kind
            WHERE kind = ? AND filter_id = asked.value AND ${but} ORDER BY at DESC LIMIT ?)`,
      ).join(' UNION ALL ')}) ORDER BY at, id`,
    )
    .all(...SUMMARY.flatMap(({ kind, most }) => [ids, kind, most])) as (DocumentRow & {
    readonly filter_id: string;
  })[];
  const byFilter = new Map<string, DocumentRow[]>();
  for (const { filter_id, ...row } of rows) {
    const known = byFilter.get(filter_id);
    if (known === undefined) byFilter.set(filter_id, [row]);
    else known.push(row);
  }
  return new Map([...byFilter].map(([filterId, own]) => [filterId, readRows(own)]));
}

export const log = {
  /** A filter's log, oldest first; what cannot be read apart. */
  read: (db: Db, filterId: string): Sorted<LogEntry> =>
    readRows(
      db
        .prepare('SELECT id, schema_version, doc FROM log_entry WHERE filter_id = ? ORDER BY at, rowid')
        .all(filterId) as DocumentRow[],
    ),

  /** A filter's log, oldest first. @throws UnreadableError */
  ofFilter: (db: Db, filterId: string): readonly LogEntry[] => allOf(log.read(db, filterId)),

  /** What a filter can be learned from, oldest first. */
  ofLearning: (db: Db, filterId: string): readonly LogEntry[] =>
    readRows(
      db
        .prepare(
          `SELECT id, schema_version, doc FROM log_entry
           WHERE filter_id = ? AND kind IN ('flow', 'level', 'service', 'repacked', 'change')
           ORDER BY at, rowid`,
        )
        .all(filterId) as DocumentRow[],
    ).read,

  /**
   * The newest flows, repacks, services and water changes of every filter, those of each oldest first: what home needs of
   * all logs. Only the logs that changed since are read anew.
   */
  summaries: (db: Db): Sorted<LogEntry> => {
    const stamps = db.prepare('SELECT filter_id, log_stamp FROM outlook').all() as {
      filter_id: string;
      log_stamp: string;
    }[];
    const before = readBefore.get(db);
    const changed = stamps.filter(({ filter_id, log_stamp }) => before?.get(filter_id)?.stamp !== log_stamp);
    const fresh = summariesOf(
      db,
      changed.map(({ filter_id }) => filter_id),
    );
    const now = new Map(
      stamps.map(({ filter_id, log_stamp }) => {
        const known = before?.get(filter_id);
        return [
          filter_id,
          known?.stamp === log_stamp
            ? known
            : { stamp: log_stamp, found: fresh.get(filter_id) ?? { read: [], unreadable: [] } },
        ];
      }),
    );
    readBefore.set(db, now);
    const all = [...now.values()];
    return {
      read: all.flatMap(({ found }) => found.read),
      unreadable: all.flatMap(({ found }) => found.unreadable),
    };
  },

  /** Entries of some kinds since a moment, of every filter, oldest first. */
  since: (db: Db, kinds: readonly LogEntry['kind'][], from: string): readonly LogEntry[] =>
    readRows(
      db
        .prepare(
          `SELECT id, schema_version, doc FROM log_entry
           WHERE kind IN (${kinds.map(() => '?').join()}) AND filter_id IN (SELECT id FROM filter) AND at >= ?
           ORDER BY at, rowid`,
        )
        .all(...kinds, from) as DocumentRow[],
    ).read,

  /** Adds an entry of a file, which was checked as a whole. @throws InvalidError where its id is taken */
  insertRecord: (db: Db, entry: LogEntry): void => {
    const { changes } = db
      .prepare('INSERT INTO log_entry (id, schema_version, doc) VALUES (?, ?, ?) ON CONFLICT (id) DO NOTHING')
      .run(entry.id, SCHEMA_VERSION, JSON.stringify(entry));
    if (changes === 0) throw new InvalidError(['id: there is a log entry with this id already.']);
  },

  /** @throws NotFoundError, InvalidError: its job must be one of its filter, its id must be new, the log has an end */
  add: (db: Db, input: unknown): LogEntry => {
    const entry = valid(LogEntrySchema, input);
    if (filters.find(db, entry.filterId) === null) throw new NotFoundError('filter');
    if (entry.jobId !== null) {
      const owner: unknown = db.prepare('SELECT filter_id FROM job WHERE id = ?').pluck().get(entry.jobId);
      if (owner !== entry.filterId) throw new InvalidError(['jobId: this filter has no such repack.']);
    }
    log.insertRecord(db, entry);
    checkLength(db, entry.filterId);
    checkFileSize(db, entry.filterId);
    return entry;
  },

  /**
   * Entries that the log of a filter has not got yet: one with the same content is passed over, whatever its id, and one
   * that comes twice is taken once.
   *
   * @throws InvalidError, NotFoundError
   */
  missing: (db: Db, filterId: string, inputs: readonly unknown[]): readonly LogEntry[] => {
    if (filters.find(db, filterId) === null) throw new NotFoundError('filter');
    const known = new Set(log.read(db, filterId).read.map(contentOf));
    return inputs.flatMap((input) => {
      const entry = valid(LogEntrySchema, input);
      if (entry.filterId !== filterId || entry.jobId !== null)
        throw new InvalidError(['The entries belong to another filter.']);
      const content = contentOf(entry);
      if (known.has(content)) return [];
      known.add(content);
      return [entry];
    });
  },

  /** Adds entries that were found {@link log.missing}. @throws InvalidError where the log would be too long */
  addAll: (db: Db, filterId: string, entries: readonly LogEntry[]): void => {
    entries.forEach((entry) => log.insertRecord(db, entry));
    checkLength(db, filterId);
    checkFileSize(db, filterId);
  },

  /** Removes entries of a filter; those that are gone already are passed over. */
  removeAll: (db: Db, filterId: string, ids: readonly unknown[]): void => {
    const remove = db.prepare('DELETE FROM log_entry WHERE id = ? AND filter_id = ?');
    ids.forEach((id) => remove.run(valid(IdSchema, id), filterId));
  },

  /**
   * A page of a filter’s log, newest first, and how many entries there are of the kind and with the words asked for.
   *
   * @param kind null: all; `text` is looked for in notes and in what was chosen
   */
  page(
    db: Db,
    filterId: string,
    { kind, text, from, count }: LogQuery,
  ): { readonly entries: readonly LogEntry[]; readonly total: number } {
    const where = `FROM log_entry WHERE filter_id = ? AND (? IS NULL OR json_extract(doc, '$.kind') = ?)
      AND (? = '' OR doc LIKE ? ESCAPE '\\')`;
    const like = `%${text.replaceAll(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
    const asked = [filterId, kind, kind, text, like];
    const total = Number(
      db
        .prepare(`SELECT count(*) ${where}`)
        .pluck()
        .get(...asked),
    );
    const rows = db
      .prepare(`SELECT id, schema_version, doc ${where} ORDER BY at DESC, rowid DESC LIMIT ? OFFSET ?`)
      .all(...asked, count, from) as DocumentRow[];
    return { entries: readRows(rows).read, total };
  },

  /** Changes an entry; its kind and filter stay. @throws NotFoundError, InvalidError */
  update: (db: Db, id: string, input: unknown): LogEntry => {
    const entry = valid(LogEntrySchema, input);
    const stored = db.prepare('SELECT id, schema_version, doc FROM log_entry WHERE id = ?').get(id) as
      DocumentRow | undefined;
    if (stored === undefined) throw new NotFoundError('log entry');
    const [before] = allOf(readRows([stored]));
    if (entry.id !== id || entry.kind !== before?.kind || entry.filterId !== before.filterId)
      throw new InvalidError([
        'You cannot change the kind of an entry or its filter. Delete it and make a new one.',
      ]);
    db.prepare('UPDATE log_entry SET doc = ?, schema_version = ? WHERE id = ?').run(
      JSON.stringify(entry),
      SCHEMA_VERSION,
      id,
    );
    return entry;
  },

  remove: (db: Db, id: string): void => {
    const { changes } = db.prepare('DELETE FROM log_entry WHERE id = ?').run(id);
    if (changes === 0) throw new NotFoundError('log entry');
  },
};
