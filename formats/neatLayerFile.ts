import { z } from 'zod';
import { FilterSchema } from '@/core/filter/filter';
import { JobSchema } from '@/core/job/job';
import { LogEntrySchema } from '@/core/job/logEntry';
import { PackSchema } from '@/core/pack/pack';
import { TankSchema } from '@/core/tank/tank';

export const FILE_FORMAT = 'neatlayer';

/** The version this app writes and the newest it reads. */
export const FILE_VERSION = 1;

/** Ending of the files, used for downloads and the file chooser. */
export const FILE_ENDING = '.neatlayer.json';

/** `*.neatlayer.json`: one filter on its tank, with its packs, jobs and log. All numbers in SI, temperatures in °C. */
export const NeatLayerFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  tank: TankSchema,
  filter: FilterSchema,
  packs: z.array(PackSchema).max(1000),
  jobs: z.array(JobSchema).max(500),
  log: z.array(LogEntrySchema).max(20000),
});
export type NeatLayerFile = z.infer<typeof NeatLayerFileSchema>;

/** What a file holds beside its own marks: all there is about one filter. */
export type FilterContent = Omit<NeatLayerFile, 'format' | 'version'>;
