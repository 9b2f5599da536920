/** Ending of the files, used for downloads and the file chooser. */
export const FILE_ENDING = '.neatlayer.json';

/**
 * The most of a filter's file, bytes: decades of log stay far below. Browser, server, import and export all use this
 * one limit, and nothing is stored that would not fit into a file of it.
 */
export const MOST_FILE_BYTES = 20 * 2 ** 20;
/** The same limit as it is said to a keeper. */
export const MOST_FILE_WORDS = '20 MB';

/** Most packs, jobs and log entries of one filter. */
export const MOST_PACKS = 1000;
export const MOST_JOBS = 500;
export const MOST_LOG_ENTRIES = 20_000;
