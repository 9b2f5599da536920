/** Most faults of a file that are listed one by one; a damaged file can have thousands. */
export const MAX_FAULTS = 12;
