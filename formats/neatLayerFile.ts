import { z } from 'zod';
import { FilterSchema } from '@/core/filter/filter';
import { JobSchema } from '@/core/job/job';
import { LogEntrySchema } from '@/core/log/logEntry';
import { PackSchema } from '@/core/pack/pack';
import { TankSchema } from '@/core/tank/tank';
import { SCHEMA_VERSION } from './documents/kinds';
import { MAX_JOBS, MAX_LOG_ENTRIES, MAX_PACKS } from './fileLimits';

export const FILE_FORMAT = 'neatlayer';

/** The version this app writes and the newest it reads: that of the documents in it. */
export const FILE_VERSION = SCHEMA_VERSION;

const most = (what: string, limit: number): string => `A filter has at most ${limit} ${what}.`;

/** `*.neatlayer.json`: one filter on its tank, with its packs, jobs and log. All numbers in SI, temperatures in °C. */
export const NeatLayerFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  tank: TankSchema,
  filter: FilterSchema,
  packs: z.array(PackSchema).max(MAX_PACKS, most('packs', MAX_PACKS)),
  jobs: z.array(JobSchema).max(MAX_JOBS, most('repacks', MAX_JOBS)),
  log: z.array(LogEntrySchema).max(MAX_LOG_ENTRIES, most('log entries', MAX_LOG_ENTRIES)),
});
export type NeatLayerFile = z.infer<typeof NeatLayerFileSchema>;

/** What a file holds beside its own marks: all there is about one filter. */
export type FilterContent = Omit<NeatLayerFile, 'format' | 'version'>;
