'use client';
import { z } from 'zod';
import { SCHEMA_VERSION } from '@/formats/documents/documentKinds';
import { DRAFT_PREFIX } from './draftPrefix';
import { documentKey, type DocumentRef, type SavedKind } from './documentRef';

/*
 * Drafts live in the browser's own storage, so that a closed tab, a stopped server or a power cut loses nothing. Each
 * belongs to one page and one document: no page writes or drops another's while that one lives. A browser that
 * refuses storage only loses that safety net.
 */

const AttemptSchema = z.object({ changeId: z.string(), version: z.number(), doc: z.unknown() });
/** A save that was sent and not yet answered: sent again with the same id it is done once. */
export type Attempt = z.infer<typeof AttemptSchema>;

const DraftSchema = z.object({
  kind: z.enum(['tank', 'filter', 'pack', 'job', 'settings']),
  id: z.string(),
  pageId: z.string(),
  /** ISO moment of the newest change in it. */
  at: z.string(),
  /** Of the document schemas. */
  schemaVersion: z.number(),
  /** The stored version it was made from. */
  version: z.number(),
  doc: z.unknown(),
  attempt: AttemptSchema.nullable(),
  /** The page that wrote it has ended properly. */
  left: z.boolean(),
  /** Why it was set aside, a line each; null while it is to be saved. */
  aside: z.array(z.string()).nullable(),
});
/** What was typed and not yet stored. */
export type Draft = z.infer<typeof DraftSchema>;

/** What the writer of a draft says; the rest is known. */
export type DraftContent = Pick<Draft, 'version' | 'doc' | 'attempt'> &
  Partial<Pick<Draft, 'left' | 'aside'>>;

const keyOf = ({ kind, id, pageId }: Pick<Draft, 'kind' | 'id' | 'pageId'>): string =>
  `${DRAFT_PREFIX}${documentKey({ kind, id })} ${pageId}`;

export function keepDraft(ref: DocumentRef, pageId: string, content: DraftContent): void {
  put({
    kind: ref.kind,
    id: ref.id,
    pageId,
    at: new Date().toISOString(),
    schemaVersion: SCHEMA_VERSION,
    left: false,
    aside: null,
    ...content,
  });
}

/** Writes a draft as it is. */
export function put(draft: Draft): void {
  try {
    localStorage.setItem(keyOf(draft), JSON.stringify(draft));
  } catch {
    // Storage is full or forbidden: the save itself still goes ahead.
  }
}

export function dropDraft(draft: Pick<Draft, 'kind' | 'id' | 'pageId'>): void {
  try {
    localStorage.removeItem(keyOf(draft));
  } catch {
    // Nothing was kept then.
  }
}

/** Every draft in this browser, oldest first. What is under their names and is none is passed over. */
export function allDrafts(): Draft[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(DRAFT_PREFIX))
      .flatMap((key) => parse(localStorage.getItem(key)))
      .sort((a, b) => a.at.localeCompare(b.at));
  } catch {
    return [];
  }
}

/** The drafts of one document, of whichever page. */
export const draftsOf = (ref: { readonly kind: SavedKind; readonly id: string }): Draft[] =>
  allDrafts().filter((draft) => draft.kind === ref.kind && draft.id === ref.id);

function parse(text: string | null): Draft[] {
  try {
    const read = DraftSchema.safeParse(JSON.parse(text ?? ''));
    return read.success ? [read.data] : [];
  } catch {
    return [];
  }
}
