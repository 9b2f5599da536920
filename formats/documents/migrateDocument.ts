import { SCHEMA_VERSION, type DocumentKind } from './kinds';
import type { RawDocument, Step } from './step';
import { toVersion2 } from './steps/toVersion2';
import { toVersion3 } from './steps/toVersion3';
import { toVersion4 } from './steps/toVersion4';
import { toVersion5 } from './steps/toVersion5';
import { toVersion6 } from './steps/toVersion6';
import { toVersion7 } from './steps/toVersion7';
import { toVersion8 } from './steps/toVersion8';
import { toVersion9 } from './steps/toVersion9';

/** The steps in order: the first leads from version 1 to 2. */
const STEPS: readonly Step[] = [
  toVersion2,
  toVersion3,
  toVersion4,
  toVersion5,
  toVersion6,
  toVersion7,
  toVersion8,
  toVersion9,
];

if (STEPS.length !== SCHEMA_VERSION - 1) throw new Error('Every version after the first needs its step.');

/**
 * Brings a document of an older version up to today's, step by step. Nothing is checked here.
 *
 * @param version the version it was written in, from 1 to `SCHEMA_VERSION`
 */
export function migrateDocument(kind: DocumentKind, doc: RawDocument, version: number): RawDocument {
  return STEPS.slice(version - 1).reduce((current, step) => step[kind]?.(current) ?? current, doc);
}
