import { LogEntrySchema, type LogEntry } from '@/core/job/logEntry';
import { valid } from './documentTable';
import { NotFoundError } from './errors';
import { filters } from './filters';
import type { Db } from './openDatabase';

export const log = {
  /** A filter's log, oldest first. */
  ofFilter: (db: Db, filterId: string): LogEntry[] =>
    (
      db.prepare('SELECT doc FROM log_entry WHERE filter_id = ? ORDER BY at, rowid').all(filterId) as {
        doc: string;
      }[]
    ).map(({ doc }) => LogEntrySchema.parse(JSON.parse(doc))),

  add: (db: Db, input: unknown): LogEntry => {
    const entry = valid(LogEntrySchema, input);
    if (filters.find(db, entry.filterId) === null) throw new NotFoundError('filter');
    db.prepare('INSERT INTO log_entry (id, doc) VALUES (?, ?)').run(entry.id, JSON.stringify(entry));
    return entry;
  },

  remove: (db: Db, id: string): void => {
    const { changes } = db.prepare('DELETE FROM log_entry WHERE id = ?').run(id);
    if (changes === 0) throw new NotFoundError('log entry');
  },
};
