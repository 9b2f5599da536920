import type { DocumentOf } from '@/formats/documents/documentKinds';
import type { DocumentKind } from '@/formats/documents/kinds';
import { readDocumentText } from '@/formats/documents/readDocument';
import { UnreadableError, type Unreadable } from './errors';

/** A row that holds a document, as the database gives it. */
export interface DocumentRow {
  readonly id: string;
  readonly doc: string;
  readonly schema_version: number;
}

/** Rows that are remembered with what they read as: those of a large fish room. */
const MAX_REMEMBERED = 30_000;
const remembered = new Map<
  string,
  { readonly text: string; readonly version: number; readonly read: unknown }
>();

/**
 * The document of a row, brought up to today's schema, or why it cannot be read. The same text is checked once: home
 * reads the same rows again and again. Documents are not changed by anybody, so that all may share one.
 */
export function readRow<K extends DocumentKind>(kind: K, row: DocumentRow): DocumentOf<K> | UnreadableError {
  const key = `${kind} ${row.id}`;
  const known = remembered.get(key);
  if (known !== undefined && known.text === row.doc && known.version === row.schema_version)
    return known.read as DocumentOf<K>;
  const read = checkRow(kind, row);
  if (read instanceof UnreadableError) return read;
  if (remembered.size >= MAX_REMEMBERED) remembered.clear();
  remembered.set(key, { text: row.doc, version: row.schema_version, read });
  return read;
}

function checkRow<K extends DocumentKind>(kind: K, row: DocumentRow): DocumentOf<K> | UnreadableError {
  const read = readDocumentText(kind, row.doc, row.schema_version);
  if (read.ok) return read.doc;
  const document: Unreadable = {
    kind,
    id: row.id,
    text: row.doc,
    schemaVersion: row.schema_version,
    faults: read.faults,
  };
  return new UnreadableError(document);
}

/** What could be read, and what could not. */
export interface Sorted<T> {
  readonly read: readonly T[];
  readonly unreadable: readonly Unreadable[];
}

/** Sorts what {@link readRow} gave. */
export function sorted<T>(found: readonly (T | UnreadableError)[]): Sorted<T> {
  const isUnreadable = (item: T | UnreadableError): item is UnreadableError =>
    item instanceof UnreadableError;
  return {
    read: found.filter((item): item is T => !isUnreadable(item)),
    unreadable: found.filter(isUnreadable).map(({ document }) => document),
  };
}

/** All of it, or an {@link UnreadableError} for the first that could not be read. */
export function allOf<T>({ read, unreadable }: Sorted<T>): readonly T[] {
  const [first] = unreadable;
  if (first !== undefined) throw new UnreadableError(first);
  return read;
}
