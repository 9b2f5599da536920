import type { z } from 'zod';
import { FilterSchema } from '@/core/filter/filter';
import { JobSchema } from '@/core/job/job';
import { LogEntrySchema } from '@/core/log/logEntry';
import { PackSchema } from '@/core/pack/pack';
import { SettingsSchema } from '@/core/settings/settings';
import { ShelfSchema } from '@/core/shelf/shelf';
import { TankSchema } from '@/core/tank/tank';
import type { DocumentKind } from './kinds';

/** The schema that each kind of document has today. */
export const DOCUMENT_SCHEMAS = {
  tank: TankSchema,
  filter: FilterSchema,
  pack: PackSchema,
  job: JobSchema,
  logEntry: LogEntrySchema,
  settings: SettingsSchema,
  shelf: ShelfSchema,
} as const satisfies Record<DocumentKind, z.ZodType>;

export type DocumentOf<K extends DocumentKind> = z.output<(typeof DOCUMENT_SCHEMAS)[K]>;
