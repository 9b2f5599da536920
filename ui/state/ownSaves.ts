'use client';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import type { DocumentOf } from '@/formats/documents/documentKinds';
import type { Stored } from '@/store/documentTable';
import { documentKey, type DocumentRef, type SavedKind } from './documentRef';

/*
 * A page may be asked for before its tab’s last save arrives, and be drawn after that save was answered: it would show
 * the document as it was before, and take the tab’s own save for somebody else’s. So the tab remembers for a moment
 * what it saved last.
 */

/** Milliseconds for which a page may still be on its way that was drawn before a save. */
const ON_ITS_WAY = 60_000;

const keyOf = (ref: DocumentRef): string => `neat-layer saved ${documentKey(ref)}`;

/** Remembers what this tab has just stored. */
export function noteSave<K extends SavedKind>(ref: DocumentRef<K>, stored: Stored<DocumentOf<K>>): void {
  try {
    const note: Note<K> = { at: Date.now(), schemaVersion: SCHEMA_VERSION, stored };
    sessionStorage.setItem(keyOf(ref), JSON.stringify(note));
  } catch {
    // Storage is full or forbidden: the page is then as new as the server drew it.
  }
}

/** What this tab stored last, while a page may still be older than it; null otherwise. */
export function ownSave<K extends SavedKind>(ref: DocumentRef<K>): Stored<DocumentOf<K>> | null {
  try {
    const note = JSON.parse(sessionStorage.getItem(keyOf(ref)) ?? 'null') as Note<K> | null;
    if (note === null) return null;
    if (note.schemaVersion === SCHEMA_VERSION && Date.now() - note.at < ON_ITS_WAY) return note.stored;
    sessionStorage.removeItem(keyOf(ref));
  } catch {
    // Nothing is known then.
  }
  return null;
}

interface Note<K extends SavedKind> {
  readonly at: number;
  readonly schemaVersion: number;
  readonly stored: Stored<DocumentOf<K>>;
}
