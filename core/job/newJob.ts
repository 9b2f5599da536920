import type { Job } from './job';
import { UNPREPARED } from './unprepared';

/** A job as it begins: nothing prepared, nothing packed, nothing out of flow. */
export const newJob = (
  begun: Pick<
    Job,
    'id' | 'filterId' | 'occasion' | 'stage' | 'startedAt' | 'asFoundPackId' | 'plannedPackId'
  >,
): Job => ({
  ...begun,
  finishedAt: null,
  alternativePackIds: [],
  asPackedPackId: null,
  packed: [],
  outOfFlow: [],
  parts: {},
  ...UNPREPARED,
});
