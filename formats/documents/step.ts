import type { DocumentKind } from './kinds';

/** A document of an older version, as it was parsed from JSON: nothing about it has been checked. */
export type RawDocument = Readonly<Record<string, unknown>>;

/**
 * One step from a version of the schemas to the next, by kind. Kinds that did not change are left out. A step never
 * throws and leaves alone what it does not know: the schema check that follows says what is wrong.
 */
export type Step = Partial<Readonly<Record<DocumentKind, (doc: RawDocument) => RawDocument>>>;

export const isRaw = (value: unknown): value is RawDocument =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The document with a field under another name; unchanged when the old one is not there. */
export function renamed(doc: RawDocument, from: string, to: string): RawDocument {
  if (!(from in doc)) return doc;
  const { [from]: value, ...rest } = doc;
  return { ...rest, [to]: value };
}

/** The document with every object in one of its lists changed. */
export function eachIn(
  doc: RawDocument,
  list: string,
  change: (item: RawDocument) => RawDocument,
): RawDocument {
  const items: unknown = doc[list];
  if (!Array.isArray(items)) return doc;
  return { ...doc, [list]: items.map((item: unknown) => (isRaw(item) ? change(item) : item)) };
}

/** The document with one of its text values exchanged for another, where a table names it. */
export function translated(
  doc: RawDocument,
  field: string,
  words: Readonly<Record<string, string>>,
): RawDocument {
  const value = doc[field];
  return typeof value === 'string' && value in words ? { ...doc, [field]: words[value] } : doc;
}
