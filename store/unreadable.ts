import type { Filter } from '@/core/filter/filter';
import { fitPack } from '@/core/pack/fitPack';
import type { Pack } from '@/core/pack/pack';
import { packFaults } from '@/core/pack/packFaults';
import { DOCUMENT_SCHEMAS } from '@/formats/documents/documentKinds';
import { KIND_WORDS, SCHEMA_VERSION, type DocumentKind } from '@/formats/documents/kinds';
import { repairDocument } from '@/formats/documents/repairDocument';
import { InvalidError, NotFoundError, UnreadableError, type Unreadable } from './errors';
import { filters } from './filters';
import type { Db } from './openDatabase';
import { readRow, type DocumentRow } from './readRow';

/** The table of each kind. */
export const DOCUMENT_TABLES: Readonly<Record<DocumentKind, string>> = {
  tank: 'tank',
  filter: 'filter',
  pack: 'pack',
  job: 'job',
  logEntry: 'log_entry',
  settings: 'settings',
  shelf: 'shelf',
};

const KINDS = Object.keys(DOCUMENT_SCHEMAS) as DocumentKind[];

/** What removing a document takes with it: nothing is left that refers to it. */
export const REMOVES: Readonly<Record<DocumentKind, string>> = {
  tank: 'the tank and every filter on it, with their packs, repacks and logs',
  filter: 'the filter with its packs, repacks and log',
  pack: 'the pack and the repack that it belongs to',
  job: 'the repack with its packs; measured flows stay',
  logEntry: 'the entry',
  settings: 'the settings; the app goes back to its defaults',
  shelf: 'the shelf; you start again with an empty one',
};

function rowOf(db: Db, kind: DocumentKind, id: string): DocumentRow {
  const row = db.prepare(`SELECT id, schema_version, doc FROM ${DOCUMENT_TABLES[kind]} WHERE id = ?`).get(id);
  if (row === undefined) throw new NotFoundError(KIND_WORDS[kind]);
  return row as DocumentRow;
}

/** The stored text of a document, whether or not it can be read. @throws NotFoundError */
export const rawText = (db: Db, kind: DocumentKind, id: string): string => rowOf(db, kind, id).doc;

/**
 * Why a stored document cannot be used; null when it can. A pack must also fit its filter, as far as that can be read.
 */
function troubleOf(db: Db, kind: DocumentKind, row: DocumentRow): Unreadable | null {
  const read = readRow(kind, row);
  if (read instanceof UnreadableError) return read.document;
  if (kind !== 'pack') return null;
  const pack = read as Pack;
  const filter = filters.read(db, 'WHERE id = ?', pack.filterId).read[0]?.doc;
  return filter === undefined ? null : misfitOf(filter, pack);
}

/** A pack that does not fit its filter, as a document that cannot be used; null when it fits. */
export function misfitOf(filter: Filter, pack: Pack): Unreadable | null {
  const faults = packFaults(filter, pack.layers);
  return faults.length === 0
    ? null
    : { kind: 'pack', id: pack.id, text: JSON.stringify(pack), schemaVersion: SCHEMA_VERSION, faults };
}

/** All stored documents that cannot be used. */
export function allTroubles(db: Db): Unreadable[] {
  return KINDS.flatMap((kind) =>
    // Records of old packs need not fit: only what is open is held against its filter.
    (
      db
        .prepare(`SELECT id, schema_version, doc FROM ${DOCUMENT_TABLES[kind]} ORDER BY rowid`)
        .all() as DocumentRow[]
    ).flatMap((row) => {
      const read = readRow(kind, row);
      return read instanceof UnreadableError ? [read.document] : [];
    }),
  );
}

/** What repairing a document would change, a line each; null when it cannot be repaired. */
export function repairOf(
  db: Db,
  { kind, text, schemaVersion, faults }: Unreadable,
): readonly string[] | null {
  const repaired = repairDocument(kind, parsed(text), schemaVersion);
  if (repaired === null) return null;
  const fitted = fittedTo(db, kind, repaired.doc);
  return fitted === repaired.doc
    ? repaired.changes
    : [...repaired.changes, ...faults.map((fault) => `${fault} It is changed to one the filter can have.`)];
}

const fittedTo = <T>(db: Db, kind: DocumentKind, doc: T): T => {
  if (kind !== 'pack') return doc;
  const pack = doc as T & Pack;
  const filter = filters.read(db, 'WHERE id = ?', pack.filterId).read[0]?.doc;
  return filter === undefined ? doc : (fitPack(filter, pack) as T & Pack);
};

/**
 * Stores a document that cannot be used in a form that can.
 * @throws InvalidError where too little is left of it, or where it can be used as it is
 */
export function repair(db: Db, kind: DocumentKind, id: string): void {
  const row = rowOf(db, kind, id);
  if (troubleOf(db, kind, row) === null)
    throw new InvalidError([`This ${KIND_WORDS[kind]} can be read. There is nothing to repair.`]);
  const repaired = repairDocument(kind, parsed(row.doc), row.schema_version);
  if (repaired === null)
    throw new InvalidError([`This ${KIND_WORDS[kind]} is too damaged to repair. Export it, then remove it.`]);
  const version = kind === 'logEntry' ? '' : ', version = version + 1';
  db.prepare(`UPDATE ${DOCUMENT_TABLES[kind]} SET doc = ?, schema_version = ?${version} WHERE id = ?`).run(
    JSON.stringify(fittedTo(db, kind, repaired.doc)),
    SCHEMA_VERSION,
    id,
  );
}

/** Removes a document that cannot be used, with what {@link REMOVES} says. @throws InvalidError where it can be used */
export function removeUnreadable(db: Db, kind: DocumentKind, id: string): void {
  if (troubleOf(db, kind, rowOf(db, kind, id)) === null)
    throw new InvalidError([`This ${KIND_WORDS[kind]} can be read. Remove it on its own page.`]);
  switch (kind) {
    case 'filter':
      return filters.remove(db, id);
    case 'tank': {
      const onIt = db.prepare('SELECT id FROM filter WHERE tank_id = ?').pluck().all(id) as string[];
      onIt.forEach((filterId) => filters.remove(db, filterId));
      db.prepare('DELETE FROM tank WHERE id = ?').run(id);
      return;
    }
    case 'job':
      return removeJob(db, id);
    case 'pack': {
      const owners = db
        .prepare(
          `SELECT id FROM job WHERE as_found_pack_id = @id
           UNION SELECT id FROM job WHERE planned_pack_id = @id
           UNION SELECT id FROM job WHERE as_packed_pack_id = @id`,
        )
        .pluck()
        .all({ id }) as string[];
      const filterId: unknown = db.prepare('SELECT filter_id FROM pack WHERE id = ?').pluck().get(id);
      owners.forEach((jobId) => removeJob(db, jobId));
      if (owners.length === 0)
        db.prepare(
          `UPDATE job SET version = version + 1, doc = json_remove(doc, (
             SELECT fullkey FROM json_each(job.doc, '$.alternativePackIds') WHERE value = @id))
           WHERE filter_id = @filterId
             AND EXISTS (SELECT 1 FROM json_each(job.doc, '$.alternativePackIds') WHERE value = @id)`,
        ).run({ id, filterId });
      db.prepare('DELETE FROM pack WHERE id = ?').run(id);
      return;
    }
    case 'logEntry':
    case 'settings':
    case 'shelf':
      db.prepare(`DELETE FROM ${DOCUMENT_TABLES[kind]} WHERE id = ?`).run(id);
  }
}

/** By its columns: neither the job nor its packs need be readable. */
function removeJob(db: Db, id: string): void {
  const packIds = db
    .prepare(
      `SELECT as_found_pack_id FROM job WHERE id = @id UNION SELECT planned_pack_id FROM job WHERE id = @id
       UNION SELECT as_packed_pack_id FROM job WHERE id = @id AND as_packed_pack_id IS NOT NULL
       UNION SELECT value FROM job, json_each(job.doc, '$.alternativePackIds') WHERE job.id = @id`,
    )
    .pluck()
    .all({ id }) as string[];
  db.prepare(`UPDATE log_entry SET doc = json_set(doc, '$.jobId', NULL) WHERE job_id = ?`).run(id);
  db.prepare('DELETE FROM job WHERE id = ?').run(id);
  const remove = db.prepare('DELETE FROM pack WHERE id = ?');
  packIds.forEach((packId) => remove.run(packId));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
