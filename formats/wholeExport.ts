import { z } from 'zod';
import { IdSchema, MomentSchema } from '@/core/document/fields';
import { PhotoSchema } from '@/core/log/photo';
import { DOCUMENT_SCHEMAS } from './documents/documentKinds';
import { SCHEMA_VERSION, type DocumentKind } from './documents/kinds';

export const EXPORT_FORMAT = 'neatlayer-all';

/** Sections that hold documents, in the order they are written, and the kind that each holds. */
export const DOCUMENT_SECTIONS = {
  tanks: 'tank',
  filters: 'filter',
  packs: 'pack',
  jobs: 'job',
  log: 'logEntry',
  settings: 'settings',
  shelf: 'shelf',
} as const satisfies Record<string, DocumentKind>;
export type DocumentSection = keyof typeof DOCUMENT_SECTIONS;

/** A photo with its picture, a JPEG in base64. */
export const PhotoRecordSchema = PhotoSchema.extend({ jpeg: z.base64() });
export type PhotoRecord = z.infer<typeof PhotoRecordSchema>;

/** A stored document that the app cannot read: it goes along as it is. */
export const UnreadableRecordSchema = z.object({
  kind: z.enum(Object.keys(DOCUMENT_SCHEMAS) as [DocumentKind, ...DocumentKind[]]),
  id: IdSchema,
  schemaVersion: z.int().positive(),
  text: z.string(),
});
export type UnreadableRecord = z.infer<typeof UnreadableRecordSchema>;

/** `*.neatlayer-all.json`: everything that a keeper entered. All numbers in SI, temperatures in °C. */
export const WholeExportSchema = z.object({
  format: z.literal(EXPORT_FORMAT),
  version: z.literal(SCHEMA_VERSION),
  exportedAt: MomentSchema,
  tanks: z.array(DOCUMENT_SCHEMAS.tank),
  filters: z.array(DOCUMENT_SCHEMAS.filter),
  packs: z.array(DOCUMENT_SCHEMAS.pack),
  jobs: z.array(DOCUMENT_SCHEMAS.job),
  log: z.array(DOCUMENT_SCHEMAS.logEntry),
  settings: z.array(DOCUMENT_SCHEMAS.settings).max(1),
  shelf: z.array(DOCUMENT_SCHEMAS.shelf).max(1),
  photos: z.array(PhotoRecordSchema),
  unreadable: z.array(UnreadableRecordSchema),
});

/** What is exported, section by section; each is gone through once. */
export type ExportContent = Readonly<Record<DocumentSection | 'photos' | 'unreadable', Iterable<unknown>>>;

/** The text of an export in pieces, one item a line, so that none of it need be held whole. */
export function* exportText(content: ExportContent, exportedAt: string): Generator<string> {
  yield `{\n"format": ${JSON.stringify(EXPORT_FORMAT)},\n"version": ${SCHEMA_VERSION},\n"exportedAt": ${JSON.stringify(exportedAt)}`;
  for (const [section, items] of Object.entries(content)) {
    yield `,\n${JSON.stringify(section)}: [`;
    let first = true;
    for (const item of items) {
      yield `${first ? '' : ','}\n${JSON.stringify(item)}`;
      first = false;
    }
    yield ']';
  }
  yield '\n}\n';
}
