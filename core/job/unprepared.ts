import type { Job } from './job';

/** A repack for which nothing has been got ready yet. */
export const UNPREPARED: Pick<Job, 'repackOn' | 'prepared' | 'cut' | 'ticks'> = {
  repackOn: null,
  prepared: [],
  cut: null,
  ticks: [],
};
