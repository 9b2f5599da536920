import type { z } from 'zod';
import { FilterSchema } from '@/core/filter/filter';
import { JobSchema } from '@/core/job/job';
import { LogEntrySchema } from '@/core/job/logEntry';
import { PackSchema } from '@/core/pack/pack';
import { SettingsSchema } from '@/core/settings/settings';
import { TankSchema } from '@/core/tank/tank';

/** Every kind of document that is stored, put into files or kept as a draft, with the schema it has today. */
export const DOCUMENT_SCHEMAS = {
  tank: TankSchema,
  filter: FilterSchema,
  pack: PackSchema,
  job: JobSchema,
  logEntry: LogEntrySchema,
  settings: SettingsSchema,
} as const;

export type DocumentKind = keyof typeof DOCUMENT_SCHEMAS;
export type DocumentOf<K extends DocumentKind> = z.output<(typeof DOCUMENT_SCHEMAS)[K]>;

/**
 * The version of all these schemas together. A change to any of them that older documents do not meet raises it by
 * one, and adds a step in `steps/` and a fixture of the version before in `fixtures/`.
 */
export const SCHEMA_VERSION = 2;

/** What a keeper calls a kind. */
export const KIND_WORDS: Readonly<Record<DocumentKind, string>> = {
  tank: 'tank',
  filter: 'filter',
  pack: 'pack',
  job: 'repack',
  logEntry: 'log entry',
  settings: 'settings',
};
