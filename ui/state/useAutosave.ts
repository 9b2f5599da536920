'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { DocumentOf } from '@/formats/documents/documentKinds';
import type { Stored } from '@/store/documentTable';
import type { SavedKind } from './documentRef';
import type { Draft } from './drafts';
import { openDocument } from './openDocuments';
import { acquirePageLock } from './pageLife';
import type { Fits } from './savedDocument';
import type { SaveState } from './savingState';

/** A document that saves itself, as a view uses it. */
export interface Autosave<T> {
  readonly doc: T;
  readonly state: SaveState;
  readonly change: (update: (doc: T) => T) => void;
  /** Resolves once nothing waits to be saved; true when all of it was. */
  readonly flush: () => Promise<boolean>;
  readonly version: () => number;
  /** After a conflict: drop the own changes, or save them over the others'. */
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
  /** Takes over what another request has just stored. */
  readonly offer: (stored: Stored<T>) => void;
  /** Changes that wait to be looked at; each can be put back or dropped. */
  readonly asides: readonly Draft[];
  readonly setAside: (faults: readonly string[]) => void;
  readonly tryAside: (draft: Draft) => Promise<void>;
  readonly dropAside: (draft: Draft) => void;
}

/**
 * Opens a document for editing; see {@link SavedDocument} for how it saves itself.
 *
 * @param fits what keeps it from being used on this sheet; changes that do not fit are set aside before it is drawn
 */
export function useAutosave<K extends SavedKind>(
  kind: K,
  stored: Stored<DocumentOf<K>>,
  fits?: Fits<DocumentOf<K>>,
): Autosave<DocumentOf<K>> {
  const [document] = useState(() => openDocument({ kind, id: stored.doc.id }, stored, fits));
  // While the page comes alive it must read as the server rendered it.
  const [rendered] = useState(document.get);
  const { doc, state, asides } = useSyncExternalStore(document.subscribe, document.get, () => rendered);

  useEffect(() => document.offer(stored), [document, stored]);
  useEffect(() => {
    acquirePageLock();
    void document.takeUpDrafts();
  }, [document]);
  useEffect(() => {
    window.addEventListener('pagehide', document.leave);
    window.addEventListener('online', document.saveNow);
    return () => {
      window.removeEventListener('pagehide', document.leave);
      window.removeEventListener('online', document.saveNow);
      document.saveNow();
    };
  }, [document]);

  const { change, flush, versionNow, takeTheirs, keepMine, offer, setAside, tryAside, dropAside } = document;
  return {
    doc,
    state,
    change,
    flush,
    version: versionNow,
    takeTheirs,
    keepMine,
    offer,
    asides,
    setAside,
    tryAside,
    dropAside,
  };
}
