import type { Step } from '../step';

/**
 * From version 8: nothing to change. A sleeve on an intake may be a cheap one, air-driven filters have their service, and
 * a photo may belong to an entry of the log; an app of version 8 knows none of these.
 */
export const toVersion9: Step = {};
