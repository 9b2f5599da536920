'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Stored } from '@/store/documentTable';
import { openDocument, type SavedDocument, type SaveState } from './savedDocument';

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
}

/** Opens the document of an address; see {@link SavedDocument} for how it saves itself. */
export function useAutosave<T extends { readonly id: string }>(url: string, stored: Stored<T>): Autosave<T> {
  const [document] = useState<SavedDocument<T>>(() => openDocument(url, stored));
  // While the page comes alive it must read as the server rendered it.
  const [rendered] = useState(document.get);
  const { doc, state } = useSyncExternalStore(document.subscribe, document.get, () => rendered);

  useEffect(() => document.offer(stored), [document, stored]);
  useEffect(() => document.takeUpDraft(), [document]);
  useEffect(() => {
    window.addEventListener('pagehide', document.leave);
    window.addEventListener('online', document.saveNow);
    return () => {
      window.removeEventListener('pagehide', document.leave);
      window.removeEventListener('online', document.saveNow);
      document.saveNow();
    };
  }, [document]);

  const { change, flush, versionNow, takeTheirs, keepMine, offer } = document;
  return { doc, state, change, flush, version: versionNow, takeTheirs, keepMine, offer };
}
