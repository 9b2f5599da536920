import { JSONParser } from '@streamparser/json';
import { SCHEMA_VERSION } from './documents/kinds';
import { nestingGauge } from './nestingGauge';
import { DOCUMENT_SECTIONS, EXPORT_FORMAT, type DocumentSection } from './wholeExport';

/** A part of an export: the item of a section, and its place there from 0. */
export interface ExportPart {
  readonly section: DocumentSection | 'photos' | 'unreadable';
  readonly index: number;
  readonly value: unknown;
}

/** The file is no export that this app reads. The message says what to do. */
export class ExportError extends Error {}

const SECTIONS = [...Object.keys(DOCUMENT_SECTIONS), 'photos', 'unreadable'];

/** Bytes of a file, in pieces, from its beginning. */
export type Chunks = AsyncIterable<Uint8Array>;

/**
 * Goes through an export piece by piece; it is read twice, so that nothing is taken of one that is cut short.
 *
 * @param open begins to read the file anew
 * @param onPart is given every item, in the order of the file, with the version the export was written in
 * @throws ExportError
 */
export async function readWholeExport(
  open: () => Chunks,
  onPart: (part: ExportPart, version: number) => void,
): Promise<void> {
  const marks = new Map<string, unknown>();
  await walk(open(), ['$.format', '$.version'], (key, value) => void marks.set(String(key), value));
  if (marks.get('format') !== EXPORT_FORMAT)
    throw new ExportError(
      'This is not a full export: it has no "format": "neatlayer-all". To add the file of one filter, go to “Add a filter”.',
    );
  const version = marks.get('version');
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new ExportError(
      'The file does not say which version it is. "version" must be a whole number from 1.',
    );
  if (version > SCHEMA_VERSION)
    throw new ExportError(
      `The file was written by a newer version of this app (${version}; this one reads up to ${SCHEMA_VERSION}). Update the app, then try again.`,
    );
  await walk(
    open(),
    SECTIONS.map((section) => `$.${section}.*`),
    (key, value, section) =>
      onPart({ section: section as ExportPart['section'], index: Number(key), value }, version),
  );
}

async function walk(
  chunks: Chunks,
  paths: string[],
  onValue: (key: string | number | undefined, value: unknown, section: string | number | undefined) => void,
): Promise<void> {
  const parser = new JSONParser({ paths, keepStack: false });
  let fault: Error | null = null;
  parser.onValue = ({ key, value, stack, partial }) => {
    if (partial !== true) onValue(key, value, stack[1]?.key);
  };
  parser.onError = (error) => void (fault ??= error);
  const isTooDeep = nestingGauge();
  for await (const chunk of chunks) {
    if (isTooDeep(chunk))
      throw new ExportError('This is not an export of Neat Layer: it is nested too deeply.');
    parser.write(chunk);
    if (fault !== null) break;
  }
  if (fault !== null || !parser.isEnded)
    throw new ExportError(
      'The file is not complete. It may have been cut off. Get a new copy and try again.',
    );
}
