'use client';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import { DRAFT_PREFIX } from './draftPrefix';
import { documentKey, isSavedKind, type DocumentRef, type SavedKind } from './documentRef';

/*
 * Drafts live in the browser's own storage, so that a closed tab, a stopped server or a power cut loses nothing. Each
 * belongs to one page and one document: no page writes or drops another's while that one lives. A browser that
 * refuses storage only loses that safety net.
 */

/** A save that was sent and not yet answered: sent again with the same id it is done once. */
export interface Attempt {
  readonly changeId: string;
  readonly version: number;
  readonly doc: unknown;
}

/** What was typed and not yet stored. */
export interface Draft {
  readonly kind: SavedKind;
  readonly id: string;
  readonly pageId: string;
  /** ISO moment of the newest change in it. */
  readonly at: string;
  /** Of the document schemas. */
  readonly schemaVersion: number;
  /** The stored version it was made from. */
  readonly version: number;
  readonly doc: unknown;
  readonly attempt: Attempt | null;
  /** The page that wrote it has ended properly. */
  readonly left: boolean;
  /** Why it was set aside, a line each; null while it is to be saved. */
  readonly aside: readonly string[] | null;
}

/** What the writer of a draft says; the rest is known. */
export type DraftContent = Pick<Draft, 'version' | 'doc' | 'attempt'> &
  Partial<Pick<Draft, 'left' | 'aside'>>;

const keyOf = ({ kind, id, pageId }: Pick<Draft, 'kind' | 'id' | 'pageId'>): string =>
  `${DRAFT_PREFIX}${documentKey({ kind, id })} ${pageId}`;

export function saveDraft(ref: DocumentRef, pageId: string, content: DraftContent): void {
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

export function deleteDraft(draft: Pick<Draft, 'kind' | 'id' | 'pageId'>): void {
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
    const raw: unknown = JSON.parse(text ?? '');
    return isDraft(raw) ? [raw] : [];
  } catch {
    return [];
  }
}

/** Looks at the marks of a draft alone: what is in its document is read when it is taken up. */
function isDraft(raw: unknown): raw is Draft {
  if (typeof raw !== 'object' || raw === null) return false;
  const { kind, id, pageId, at, schemaVersion, version, attempt, left, aside } = raw as Record<
    string,
    unknown
  >;
  return (
    isSavedKind(kind) &&
    [id, pageId, at].every((text) => typeof text === 'string') &&
    [schemaVersion, version].every((count) => typeof count === 'number') &&
    (attempt === null || isAttempt(attempt)) &&
    typeof left === 'boolean' &&
    (aside === null || (Array.isArray(aside) && aside.every((line) => typeof line === 'string')))
  );
}

function isAttempt(raw: unknown): raw is Attempt {
  if (typeof raw !== 'object' || raw === null) return false;
  const { changeId, version } = raw as Record<string, unknown>;
  return typeof changeId === 'string' && typeof version === 'number';
}
