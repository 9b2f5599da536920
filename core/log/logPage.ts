/** Entries on a page of the log. */
export const LOG_PAGE = 40;
