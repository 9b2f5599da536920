import type { Job } from './job';

/** A repack for which nothing has been got ready yet. */
export const UNPREPARED: Pick<Job, 'repackOn' | 'prepared' | 'cut'> = {
  repackOn: null,
  prepared: [],
  cut: null,
};
