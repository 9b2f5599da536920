import type { DocumentKind } from '@/formats/documents/kinds';

/** A document by its kind and id, wherever it is saved. */
export interface DocumentRef<K extends SavedKind = SavedKind> {
  readonly kind: K;
  readonly id: string;
}

/** Kinds that save themselves while they are edited. */
export type SavedKind = Exclude<DocumentKind, 'logEntry'>;

const ADDRESS: Readonly<Record<SavedKind, (id: string) => string>> = {
  tank: (id) => `/api/tanks/${id}`,
  filter: (id) => `/api/filters/${id}`,
  pack: (id) => `/api/packs/${id}`,
  job: (id) => `/api/jobs/${id}`,
  settings: () => '/api/settings',
  shelf: () => '/api/shelf',
};

/** True for the name of a kind that saves itself. */
export const isSavedKind = (name: unknown): name is SavedKind =>
  typeof name === 'string' && Object.hasOwn(ADDRESS, name);

/** Where a document is saved. */
export const documentUrl = ({ kind, id }: DocumentRef): string => ADDRESS[kind](id);

/** The same document again has the same key. */
export const documentKey = ({ kind, id }: DocumentRef): string => `${kind} ${id}`;
