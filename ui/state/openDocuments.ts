'use client';
import type { DocumentOf } from '@/formats/documents/documentKinds';
import type { Stored } from '@/store/documentTable';
import { documentKey, type DocumentRef, type SavedKind } from './documentRef';
import { SavedDocument, type Fits } from './savedDocument';
import { registerUnsaved } from './unsaved';

/** Every document that was opened since the page was loaded, each kept as the kind its key names. */
const open = new Map<string, SavedDocument<SavedKind>>();

const known = <K extends SavedKind>(ref: DocumentRef<K>): SavedDocument<K> | undefined =>
  open.get(documentKey(ref)) as unknown as SavedDocument<K> | undefined;

/** A document of this page: the one it has already, brought up to what the server just sent, or a new one. */
export function openDocument<K extends SavedKind>(
  ref: DocumentRef<K>,
  stored: Stored<DocumentOf<K>>,
  fits?: Fits<DocumentOf<K>>,
): SavedDocument<K> {
  // On the server every page is rendered for itself.
  const document = known(ref) ?? new SavedDocument<K>(ref, stored);
  if (typeof window !== 'undefined') {
    open.set(documentKey(ref), document);
    registerUnsaved(document);
  }
  document.openAnew(stored, fits);
  return document;
}

/** The document as this page has it, or `otherwise` where it was never opened here. */
export const latest = <K extends SavedKind>(ref: DocumentRef<K>, otherwise: DocumentOf<K>): DocumentOf<K> =>
  known(ref)?.get().doc ?? otherwise;
