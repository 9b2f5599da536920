import type { z } from 'zod';
import { faultLines } from '@/core/document/faultLines';
import { ConflictError, InvalidError, NotFoundError } from './errors';
import type { Db } from './openDatabase';

/** A document with the version that a change must name, and when it was saved. */
export interface Stored<T> {
  readonly doc: T;
  readonly version: number;
  readonly updatedAt: string;
}

interface Row {
  readonly version: number;
  readonly updated_at: string;
  readonly doc: string;
}

export type DocumentTableName = 'tank' | 'filter' | 'pack' | 'job' | 'settings';

/** Checks `input` against a schema; throws an {@link InvalidError} with a line a fault. */
export function valid<S extends z.ZodType>(schema: S, input: unknown): z.output<S> {
  const parsed = schema.safeParse(input);
  if (!parsed.success) throw new InvalidError(faultLines(parsed.error));
  return parsed.data;
}

/**
 * Reading and writing of one kind of versioned document. Every document is checked by its schema on the way in and
 * on the way out.
 */
export function documentTable<S extends z.ZodType<{ id: string }>>(table: DocumentTableName, schema: S) {
  type Doc = z.output<S>;
  const fromRow = (row: Row): Stored<Doc> => ({
    doc: schema.parse(JSON.parse(row.doc)),
    version: row.version,
    updatedAt: row.updated_at,
  });
  const now = (): string => new Date().toISOString();

  const find = (db: Db, id: string): Stored<Doc> | null => {
    const row = db.prepare(`SELECT version, updated_at, doc FROM ${table} WHERE id = ?`).get(id) as
      Row | undefined;
    return row === undefined ? null : fromRow(row);
  };
  const get = (db: Db, id: string): Stored<Doc> => {
    const found = find(db, id);
    if (found === null) throw new NotFoundError(table);
    return found;
  };
  return {
    find,
    get,
    /** All documents that a WHERE or ORDER clause selects. */
    select: (db: Db, clause: string, ...values: unknown[]): Stored<Doc>[] =>
      (db.prepare(`SELECT version, updated_at, doc FROM ${table} ${clause}`).all(...values) as Row[]).map(
        fromRow,
      ),
    insert: (db: Db, input: unknown): Stored<Doc> => {
      const doc = valid(schema, input);
      db.prepare(`INSERT INTO ${table} (id, version, updated_at, doc) VALUES (?, 1, ?, ?)`).run(
        doc.id,
        now(),
        JSON.stringify(doc),
      );
      return get(db, doc.id);
    },
    /**
     * Replaces a document if it still has the version the change was made from.
     * @throws NotFoundError, ConflictError with what is stored now, InvalidError
     */
    update: (db: Db, version: number, input: unknown): Stored<Doc> => {
      const doc = valid(schema, input);
      const { changes } = db
        .prepare(
          `UPDATE ${table} SET version = version + 1, updated_at = ?, doc = ? WHERE id = ? AND version = ?`,
        )
        .run(now(), JSON.stringify(doc), doc.id, version);
      if (changes === 1) return get(db, doc.id);
      throw new ConflictError(table, get(db, doc.id));
    },
  };
}
