import {
  DOCUMENT_SECTIONS,
  type ExportContent,
  type PhotoRecord,
  type UnreadableRecord,
} from '@/formats/wholeExport';
import type { DocumentKind } from '@/formats/documents/kinds';
import { UnreadableError } from './errors';
import type { Db } from './openDatabase';
import { readRow, type DocumentRow } from './readRow';
import { DOCUMENT_TABLES } from './unreadable';

/** Everything a keeper entered, item by item; photos are read one at a time, since together they may be large. */
export function exportContent(db: Db): ExportContent {
  const unreadable: UnreadableRecord[] = [];
  function* documents(kind: DocumentKind): Generator<unknown> {
    const ids = db
      .prepare(`SELECT id FROM ${DOCUMENT_TABLES[kind]} ORDER BY rowid`)
      .pluck()
      .all() as string[];
    const one = db.prepare(`SELECT id, schema_version, doc FROM ${DOCUMENT_TABLES[kind]} WHERE id = ?`);
    for (const id of ids) {
      const row = one.get(id) as DocumentRow | undefined;
      // Removed while the export went on.
      if (row === undefined) continue;
      const doc = readRow(kind, row);
      if (doc instanceof UnreadableError) {
        const { document } = doc;
        unreadable.push({ kind, id, schemaVersion: document.schemaVersion, text: document.text });
      } else yield doc;
    }
  }
  function* photos(): Generator<PhotoRecord> {
    const ids = db
      .prepare(
        // Those of an entry that was just deleted wait for its undo, and belong to nothing.
        'SELECT id FROM photo WHERE entry_id IS NULL OR entry_id IN (SELECT id FROM log_entry) ORDER BY rowid',
      )
      .pluck()
      .all() as string[];
    const one = db.prepare(
      `SELECT id, job_id AS jobId, layer_id AS layerId, entry_id AS entryId, filter_id AS filterId, taken_at AS takenAt, width, height, jpeg FROM photo WHERE id = ?`,
    );
    for (const id of ids) {
      const row = one.get(id) as (Omit<PhotoRecord, 'jpeg'> & { jpeg: Uint8Array }) | undefined;
      if (row !== undefined) yield { ...row, jpeg: Buffer.from(row.jpeg).toString('base64') };
    }
  }
  const sections = Object.entries(DOCUMENT_SECTIONS).map(([section, kind]) => [section, documents(kind)]);
  return {
    ...(Object.fromEntries(sections) as Record<keyof typeof DOCUMENT_SECTIONS, Iterable<unknown>>),
    photos: photos(),
    // Last: it is filled while the others are gone through.
    unreadable,
  };
}
