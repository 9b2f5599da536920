import type { Step } from '../step';

/**
 * From version 4: the dividers of a filter that hangs in the tank may have an open top edge, media may be retired in
 * stages, and a tank may have air-driven filters and a routine of water changes; nobody had entered any.
 */
export const toVersion5: Step = {
  filter: (doc) => ({ openEdge: null, swap: null, ...doc }),
  tank: (doc) => ({
    airFilters: [],
    routine: { waterChange: null, tapNitrate: null, nitrateRemoved: 0 },
    ...doc,
  }),
};
