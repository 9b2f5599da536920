/** How many entries Today shows: what happened last, not the log. */
export const LAST_ENTRIES = 3;
