import type { z } from 'zod';
import { faultLines } from '@/core/document/faultLines';
import { DOCUMENT_SCHEMAS, type DocumentOf } from '@/formats/documents/documentKinds';
import { KIND_WORDS, SCHEMA_VERSION, type DocumentKind } from '@/formats/documents/kinds';
import { ConflictError, InvalidError, NotFoundError, UnreadableError } from './errors';
import type { Db } from './openDatabase';
import { allOf, readRow, sorted, type DocumentRow, type Sorted } from './readRow';

/** A document with the version that a change must name, and when it was saved. */
export interface Stored<T> {
  readonly doc: T;
  readonly version: number;
  readonly updatedAt: string;
}

interface Row extends DocumentRow {
  readonly version: number;
  readonly updated_at: string;
}

/** Kinds that have a table of versioned documents, named after them. */
export type VersionedKind = Exclude<DocumentKind, 'logEntry'>;

/** Checks `input` against a schema; throws an {@link InvalidError} with a line a fault. */
export function valid<S extends z.ZodType>(schema: S, input: unknown): z.output<S> {
  const parsed = schema.safeParse(input);
  if (!parsed.success) throw new InvalidError(faultLines(parsed.error));
  return parsed.data;
}

const COLUMNS = 'id, version, updated_at, schema_version, doc';

/**
 * Reading and writing of one kind of versioned document. Every document is checked by its schema on the way in and
 * on the way out; one of an older schema is brought up to date when it is read.
 */
export function documentTable<K extends VersionedKind>(kind: K) {
  type Doc = DocumentOf<K>;
  const check = (input: unknown): Doc => valid(DOCUMENT_SCHEMAS[kind], input) as Doc;
  const fromRow = (row: Row): Stored<Doc> | UnreadableError => {
    const doc = readRow(kind, row);
    return doc instanceof UnreadableError ? doc : { doc, version: row.version, updatedAt: row.updated_at };
  };
  const now = (): string => new Date().toISOString();

  const read = (db: Db, clause: string, ...values: unknown[]): Sorted<Stored<Doc>> =>
    sorted(
      (db.prepare(`SELECT ${COLUMNS} FROM ${kind} ${clause}`).all(...values) as Row[]).map((row) =>
        fromRow(row),
      ),
    );
  const find = (db: Db, id: string): Stored<Doc> | null => {
    const row = db.prepare(`SELECT ${COLUMNS} FROM ${kind} WHERE id = ?`).get(id) as Row | undefined;
    if (row === undefined) return null;
    const found = fromRow(row);
    if (found instanceof UnreadableError) throw found;
    return found;
  };
  const get = (db: Db, id: string): Stored<Doc> => {
    const found = find(db, id);
    if (found === null) throw new NotFoundError(KIND_WORDS[kind]);
    return found;
  };
  return {
    /** @throws UnreadableError where it is there and cannot be read */
    find,
    /** @throws NotFoundError, UnreadableError */
    get,
    /** All documents that a WHERE or ORDER clause selects, those that cannot be read apart. */
    read,
    /**
     * All documents that a WHERE or ORDER clause selects.
     * @throws UnreadableError for the first that cannot be read
     */
    select: (db: Db, clause: string, ...values: unknown[]): readonly Stored<Doc>[] =>
      allOf(read(db, clause, ...values)),
    /** @throws InvalidError, also where its id is taken */
    insert: (db: Db, input: unknown): Stored<Doc> => {
      const doc = check(input);
      const { changes } = db
        .prepare(
          `INSERT INTO ${kind} (id, version, updated_at, schema_version, doc) VALUES (?, 1, ?, ?, ?)
           ON CONFLICT (id) DO NOTHING`,
        )
        .run(doc.id, now(), SCHEMA_VERSION, JSON.stringify(doc));
      if (changes === 0) throw new InvalidError([`id: there is a ${KIND_WORDS[kind]} with this id already.`]);
      return get(db, doc.id);
    },
    /**
     * Replaces a document if it still has the version the change was made from.
     * @throws NotFoundError, ConflictError with what is stored now, InvalidError, UnreadableError
     */
    update: (db: Db, version: number, input: unknown): Stored<Doc> => {
      const doc = check(input);
      const { changes } = db
        .prepare(
          `UPDATE ${kind} SET version = version + 1, updated_at = ?, schema_version = ?, doc = ?
           WHERE id = ? AND version = ?`,
        )
        .run(now(), SCHEMA_VERSION, JSON.stringify(doc), doc.id, version);
      if (changes === 1) return get(db, doc.id);
      throw new ConflictError(KIND_WORDS[kind], get(db, doc.id));
    },
  };
}
