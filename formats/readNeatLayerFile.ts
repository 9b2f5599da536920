import { faultLines } from '@/core/document/faultLines';
import { contentFaults } from './contentFaults';
import type { DocumentKind } from './documents/kinds';
import { migrateDocument } from './documents/migrateDocument';
import { isRaw } from './documents/step';
import { MAX_FILE_BYTES, MAX_FILE_WORDS } from './fileLimits';
import { nestingGauge } from './nestingGauge';
import { FILE_FORMAT, FILE_VERSION, NeatLayerFileSchema, type NeatLayerFile } from './neatLayerFile';

export type ReadResult =
  | { readonly ok: true; readonly file: NeatLayerFile }
  | { readonly ok: false; readonly faults: readonly string[] };

/**
 * Reads the text of a `*.neatlayer.json` of any version up to today's. Anything wrong comes back as one clear line a
 * fault; nothing is thrown. Beyond the schema it checks what belongs together: packs, jobs and log to the filter,
 * media to the catalogue.
 */
export function readNeatLayerFile(text: string): ReadResult {
  if (new Blob([text]).size > MAX_FILE_BYTES)
    return bad(`The file is larger than ${MAX_FILE_WORDS}, the largest this app can read.`);
  if (nestingGauge()(text)) return bad('This is not a Neat Layer file: it is nested too deeply.');
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return bad('The file is not complete. It may have been cut off. Get a new copy and try again.');
  }
  if (!isRaw(raw) || raw.format !== FILE_FORMAT)
    return bad('This is not a Neat Layer file. It has no "format": "neatlayer".');
  const { version } = raw;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return bad('The file does not say which version it is. "version" must be a whole number from 1.');
  if (version > FILE_VERSION)
    return bad(
      `The file comes from a newer version of the app (${version}; this one reads up to ${FILE_VERSION}). Update the app, then open it again.`,
    );
  const migrate = (kind: DocumentKind, doc: unknown): unknown =>
    isRaw(doc) ? migrateDocument(kind, doc, version) : doc;
  const migrateAll = (kind: DocumentKind, docs: unknown): unknown =>
    Array.isArray(docs) ? docs.map((doc: unknown) => migrate(kind, doc)) : docs;
  const parsed = NeatLayerFileSchema.safeParse({
    format: FILE_FORMAT,
    version: FILE_VERSION,
    tank: migrate('tank', raw.tank),
    filter: migrate('filter', raw.filter),
    packs: migrateAll('pack', raw.packs),
    jobs: migrateAll('job', raw.jobs),
    log: migrateAll('logEntry', raw.log),
  });
  if (!parsed.success) return { ok: false, faults: faultLines(parsed.error) };
  const faults = contentFaults(parsed.data);
  return faults.length === 0 ? { ok: true, file: parsed.data } : { ok: false, faults };
}

const bad = (fault: string): ReadResult => ({ ok: false, faults: [fault] });
