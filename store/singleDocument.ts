import type { DocumentOf } from '@/formats/documents/documentKinds';
import { documentTable, type Stored, type VersionedKind } from './documentTable';
import { UnreadableError } from './errors';
import type { Db } from './openDatabase';

/** Kinds of which there is one document, whose id is the kind. */
type SingleKind = Extract<VersionedKind, 'settings' | 'shelf'>;

/**
 * Reading and writing of a kind of which there is one document.
 *
 * @param first as the app comes
 */
export function singleDocument<K extends SingleKind>(kind: K, first: DocumentOf<K>) {
  const table = documentTable(kind);
  /** The document; the first time, as the app comes. @throws UnreadableError */
  const get = (db: Db): Stored<DocumentOf<K>> => table.find(db, kind) ?? table.insert(db, first);
  return {
    get,
    /** The same for pages: one that cannot be read stands aside for the one that the app comes with. */
    getOrFirst: (db: Db): Stored<DocumentOf<K>> => {
      try {
        return get(db);
      } catch (error) {
        if (!(error instanceof UnreadableError)) throw error;
        return { doc: first, version: 0, updatedAt: '' };
      }
    },
    read: table.read,
    update: table.update,
  };
}
