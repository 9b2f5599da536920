import { z } from 'zod';
import { LONGEST_NOTE } from './longestNote';
import { LONGEST_NAME, NAME_FAULTS } from './nameFault';

/** Identity of any stored document: letters, digits, dash and underscore. */
export const IdSchema = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,64}$/, 'An id is 1 to 64 letters, digits, dashes or underscores.');

/** A short name a keeper types; trimmed, in one line, never empty. */
export const nameSchema = (what: string) =>
  z
    .string({ error: `${what} must be text.` })
    .trim()
    // Names stand in lists, tables and file names.
    .overwrite((name) => name.replaceAll(/\s+/g, ' '))
    .min(1, NAME_FAULTS.missing(what))
    .max(LONGEST_NAME, NAME_FAULTS.tooLong(what));

/** Free words of a keeper. */
export const NoteSchema = z
  .string()
  .max(LONGEST_NOTE, `The note is too long: use at most ${LONGEST_NOTE.toLocaleString('en')} characters.`);

/** A day, as ISO 8601. */
export const DaySchema = z.iso.date({ error: 'Write the date like this: 2026-11-25.' });

/** A moment, as ISO 8601 in UTC. */
export const MomentSchema = z.iso.datetime({
  error: 'Write the date and time like this: 2026-11-25T14:06:00Z.',
});
