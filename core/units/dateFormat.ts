/** Formats made so far, by what they were asked for: to make one takes a hundred times as long as to use it. */
const made = new Map<string, Intl.DateTimeFormat>();

/**
 * A locale’s way of writing dates; the same object whenever the same is asked for.
 *
 * @param locale BCP 47 tag
 * @param options only figures, words and switches, as Intl.DateTimeFormat takes them
 * @example dateFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(0) // '1 Jan'
 */
export function dateFormat(locale: string, options: Intl.DateTimeFormatOptions = {}): Intl.DateTimeFormat {
  const key = `${locale} ${JSON.stringify(options)}`;
  const known = made.get(key);
  if (known !== undefined) return known;
  const format = new Intl.DateTimeFormat(locale, options);
  made.set(key, format);
  return format;
}
