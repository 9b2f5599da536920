import { faultLines } from '@/core/document/faultLines';
import { DOCUMENT_SCHEMAS, type DocumentOf } from './documentKinds';
import { SCHEMA_VERSION, type DocumentKind } from './kinds';
import { migrateDocument } from './migrateDocument';
import { isRaw } from './step';

export type DocumentRead<T> =
  { readonly ok: true; readonly doc: T } | { readonly ok: false; readonly faults: readonly string[] };

/**
 * Reads a document of any version that this app knows. Never throws: what is wrong comes back as one line a fault.
 *
 * @param raw parsed JSON
 * @param version of the schemas it was written in
 */
export function readDocument<K extends DocumentKind>(
  kind: K,
  raw: unknown,
  version: number,
): DocumentRead<DocumentOf<K>> {
  if (!Number.isInteger(version) || version < 1)
    return { ok: false, faults: ['It does not say which version of the app wrote it.'] };
  if (version > SCHEMA_VERSION)
    return {
      ok: false,
      faults: [
        `It comes from a newer version of the app (${version}; this one reads up to ${SCHEMA_VERSION}). Update the app, then open it again.`,
      ],
    };
  if (!isRaw(raw)) return { ok: false, faults: ['It is not an object: it may have been cut off.'] };
  const parsed = DOCUMENT_SCHEMAS[kind].safeParse(migrateDocument(kind, raw, version));
  return parsed.success
    ? { ok: true, doc: parsed.data as DocumentOf<K> }
    : { ok: false, faults: faultLines(parsed.error) };
}

/** The same for text that should be JSON. */
export function readDocumentText<K extends DocumentKind>(
  kind: K,
  text: string,
  version: number,
): DocumentRead<DocumentOf<K>> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, faults: ['The JSON is not complete. It may have been cut off.'] };
  }
  return readDocument(kind, raw, version);
}
