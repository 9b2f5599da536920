import type { Step } from '../step';

/**
 * From version 8: a filter may be cleaned every so many days to spare others. Without a change of what is stored, a
 * sleeve on an intake may be a cheap one, air-driven filters have their service, and a photo may belong to an entry of the
 * log.
 */
export const toVersion9: Step = {
  filter: (doc) => ({ cleanedEvery: null, ...doc }),
};
