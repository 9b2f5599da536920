import type { Statement } from 'better-sqlite3';
import { contentFaults } from '@/formats/contentFaults';
import { SCHEMA_VERSION, type DocumentKind } from '@/formats/documents/kinds';
import { readDocument } from '@/formats/documents/readDocument';
import { ExportError, readWholeExport, type Chunks, type ExportPart } from '@/formats/readWholeExport';
import { DOCUMENT_SECTIONS, PhotoRecordSchema, UnreadableRecordSchema } from '@/formats/wholeExport';
import { valid } from './documentTable';
import { InvalidError } from './errors';
import { readFilterContent } from './filterFiles';
import { filters } from './filters';
import { openDatabase, type Db } from './openDatabase';
import { photos } from './photos';
import { DOCUMENT_TABLES } from './unreadable';

/** The first bytes of every JPEG (ISO/IEC 10918-1, annex B: SOI). */
const JPEG_START = Buffer.from([0xff, 0xd8, 0xff]);

/**
 * Makes a new database of an export, to be tried and brought in like a backup.
 *
 * @returns what was left out, a line each: items that cannot be read, and what depends on them
 * @throws InvalidError where the file is no whole export of this app
 */
export async function stageExport(open: () => Chunks, file: string): Promise<readonly string[]> {
  const db = openDatabase(file);
  const faults: string[] = [];
  try {
    // Held against each other at the end: what an item belongs to may come after it.
    db.pragma('foreign_keys = OFF');
    db.exec('BEGIN');
    const insert = partInserter(db);
    await readWholeExport(open, (part, version) => {
      try {
        insert(part, version);
      } catch (error) {
        if (!(error instanceof Error)) throw error;
        faults.push(`${part.section}, item ${part.index + 1}: ${reasonOf(error)}`);
      }
    });
    faults.push(...dropOrphans(db), ...dropMisfits(db));
    const lost = photos.clearLeft(db);
    if (lost > 0)
      faults.push(
        `${lost} ${lost === 1 ? 'photo is' : 'photos are'} left out, because the log entry is not in the file.`,
      );
    db.exec('COMMIT');
  } catch (error) {
    if (error instanceof ExportError) throw new InvalidError([error.message]);
    throw error;
  } finally {
    db.close();
  }
  return faults;
}

const reasonOf = (error: Error): string =>
  'code' in error && String(error.code).startsWith('SQLITE_CONSTRAINT')
    ? 'its id is in the file twice, or something it refers to is missing.'
    : error.message;

/** Puts parts into a database, each with a statement that is prepared once: there may be hundreds of thousands. */
function partInserter(db: Db): (part: ExportPart, version: number) => void {
  const statements = new Map<string, Statement>();
  const prepared = (sql: string): Statement => {
    const known = statements.get(sql) ?? db.prepare(sql);
    statements.set(sql, known);
    return known;
  };
  const now = new Date().toISOString();
  const insertText = (kind: DocumentKind, id: string, version: number, text: string): void => {
    const table = DOCUMENT_TABLES[kind];
    if (kind === 'logEntry')
      prepared(`INSERT INTO ${table} (id, schema_version, doc) VALUES (?, ?, ?)`).run(id, version, text);
    else
      prepared(
        `INSERT INTO ${table} (id, version, updated_at, schema_version, doc) VALUES (?, 1, ?, ?, ?)`,
      ).run(id, now, version, text);
  };
  const insertPhoto = (value: unknown): void => {
    const { id, jobId, layerId, entryId, filterId, takenAt, width, height, jpeg } = valid(
      PhotoRecordSchema,
      value,
    );
    const picture = Buffer.from(jpeg, 'base64');
    if (!picture.subarray(0, JPEG_START.length).equals(JPEG_START))
      throw new InvalidError(['jpeg: the picture is not a JPEG.']);
    prepared(
      `INSERT INTO photo (id, job_id, layer_id, entry_id, filter_id, taken_at, width, height, jpeg)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    ).run(id, jobId, layerId, entryId, filterId, takenAt, width, height, picture);
  };
  return ({ section, value }, version) => {
    if (section === 'photos') return insertPhoto(value);
    if (section === 'unreadable') {
      const { kind, id, schemaVersion, text } = valid(UnreadableRecordSchema, value);
      return insertText(kind, id, schemaVersion, text);
    }
    const kind = DOCUMENT_SECTIONS[section];
    const read = readDocument(kind, value, version);
    if (!read.ok) throw new InvalidError(read.faults);
    insertText(kind, read.doc.id, SCHEMA_VERSION, JSON.stringify(read.doc));
  };
}

/** Removes rows that name something which is not there, until none is left; says which. */
function dropOrphans(db: Db): string[] {
  const said: string[] = [];
  for (;;) {
    const orphans = db.pragma('foreign_key_check') as { table: string; rowid: number; parent: string }[];
    if (orphans.length === 0) return said;
    for (const { table, rowid, parent } of orphans) {
      const id = db
        .prepare(`DELETE FROM ${table} WHERE rowid = ? RETURNING ${table === 'outlook' ? 'filter_id' : 'id'}`)
        .pluck()
        .get(rowid) as string | undefined;
      if (id !== undefined && table !== 'outlook')
        said.push(`${table} “${id}” is left out, because its ${parent} is not in the file.`);
    }
  }
}

/** Removes filters whose parts do not belong together; says what is wrong with them. */
function dropMisfits(db: Db): string[] {
  const ids = db.prepare('SELECT id FROM filter ORDER BY rowid').pluck().all() as string[];
  return ids.flatMap((id) => {
    let faults: readonly string[];
    try {
      faults = contentFaults(readFilterContent(db, id));
    } catch {
      // What the app could not read where it came from comes in as it was, and is repaired or removed here.
      return [];
    }
    if (faults.length === 0) return [];
    filters.remove(db, id);
    return [`Filter “${id}” is left out: ${faults[0]}`];
  });
}
