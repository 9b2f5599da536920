'use client';

/** What a document that saves itself shows the rest of the app: small, so that a link need not load documents. */
export interface Unsaved {
  readonly hasUnsaved: () => boolean;
  readonly flush: () => Promise<boolean>;
  readonly setAside: (faults: readonly string[]) => void;
}

const documents = new Set<Unsaved>();

/** Makes a document known. */
export const registerUnsaved = (document: Unsaved): void => void documents.add(document);

const unsaved = () => [...documents].filter((document) => document.hasUnsaved());

/** True while anything typed in this page is not stored yet. */
export const isAnyUnsaved = (): boolean => unsaved().length > 0;

/** Sends all that waits; resolves when every save has been tried. */
export async function flushAll(): Promise<void> {
  await Promise.all(unsaved().map((document) => document.flush()));
}

/** Sets all aside that is not stored, so that a sheet which could not be drawn with it can be drawn again. */
export const setAsideAllDrafts = (faults: readonly string[]): void =>
  unsaved().forEach((document) => document.setAside(faults));
