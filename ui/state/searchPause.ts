/** Milliseconds after the last key before a search is asked. */
export const SEARCH_PAUSE_MS = 250;
