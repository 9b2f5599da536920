/** Ending of the files, used for downloads and the file chooser. */
export const FILE_ENDING = '.neatlayer.json';
/** Ending of a full export. */
export const EXPORT_ENDING = '.neatlayer-all.json';

/**
 * The most of a filter's file, bytes: decades of log stay far below. Browser, server, import and export all use this
 * one limit, and nothing is stored that would not fit into a file of it.
 */
export const MAX_FILE_BYTES = 20 * 2 ** 20;
/** The same limit in words. */
export const MAX_FILE_WORDS = '20 MB';

/** Most packs, jobs and log entries of one filter. */
export const MAX_PACKS = 1000;
export const MAX_JOBS = 500;
export const MAX_LOG_ENTRIES = 20_000;

/** The most of a backup or full export that is taken in, bytes: photos of decades. */
export const LARGEST_INCOMING = 4 * 2 ** 30;
export const LARGEST_INCOMING_WORDS = '4 GB';
/** Bytes of it that are sent at a time. */
export const INCOMING_PIECE = 4 * 2 ** 20;

/** The most of a CSV file that is read, bytes: hundreds of thousands of rows. */
export const LARGEST_CSV = 100 * 2 ** 20;
export const LARGEST_CSV_WORDS = '100 MB';
/** The most that one cell of a CSV file may hold, characters: a note has two thousand. */
export const LONGEST_CELL = 64 * 1024;
export const LONGEST_CELL_WORDS = '64 kB';
