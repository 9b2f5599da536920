import { z } from 'zod';
import { FilterSchema } from '@/core/filter/filter';
import { JobSchema } from '@/core/job/job';
import { LogEntrySchema } from '@/core/job/logEntry';
import { PackSchema } from '@/core/pack/pack';
import { TankSchema } from '@/core/tank/tank';
import { SCHEMA_VERSION } from './documents/documentKinds';

export const FILE_FORMAT = 'neatlayer';

/** The version this app writes and the newest it reads: that of the documents in it. */
export const FILE_VERSION = SCHEMA_VERSION;

/** Ending of the files, used for downloads and the file chooser. */
export const FILE_ENDING = '.neatlayer.json';

/**
 * The most of a filter's file, bytes: decades of log stay far below. Browser, server, import and export all use this
 * one limit, and nothing is stored that would not fit into a file of it.
 */
export const MOST_FILE_BYTES = 20 * 2 ** 20;
/** The same limit as it is said to a keeper. */
export const MOST_FILE_WORDS = '20 MB';

/** Most packs, jobs and log entries of one filter. */
export const MOST_PACKS = 1000;
export const MOST_JOBS = 500;
export const MOST_LOG_ENTRIES = 20_000;

const most = (what: string, limit: number): string => `A filter has at most ${limit} ${what}.`;

/** `*.neatlayer.json`: one filter on its tank, with its packs, jobs and log. All numbers in SI, temperatures in °C. */
export const NeatLayerFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  tank: TankSchema,
  filter: FilterSchema,
  packs: z.array(PackSchema).max(MOST_PACKS, most('packs', MOST_PACKS)),
  jobs: z.array(JobSchema).max(MOST_JOBS, most('repacks', MOST_JOBS)),
  log: z.array(LogEntrySchema).max(MOST_LOG_ENTRIES, most('log entries', MOST_LOG_ENTRIES)),
});
export type NeatLayerFile = z.infer<typeof NeatLayerFileSchema>;

/** What a file holds beside its own marks: all there is about one filter. */
export type FilterContent = Omit<NeatLayerFile, 'format' | 'version'>;
