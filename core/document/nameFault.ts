/** Longest name, characters. */
export const LONGEST_NAME = 60;

/** What is said of a name that cannot be taken. */
export const NAME_FAULTS = {
  missing: (what: string): string => `${what} is missing: type a name.`,
  tooLong: (what: string): string => `${what} is too long: use at most ${LONGEST_NAME} characters.`,
} as const;

/**
 * What is wrong with a short name that a keeper types; null: nothing. Spaces around it do not count.
 *
 * @param what the name of the field
 * @example nameFault('Filter name', ' ') // 'Filter name is missing: type a name.'
 */
export function nameFault(what: string, text: string): string | null {
  const { length } = text.trim();
  if (length === 0) return NAME_FAULTS.missing(what);
  return length > LONGEST_NAME ? NAME_FAULTS.tooLong(what) : null;
}
