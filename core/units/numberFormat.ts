/** Formats made so far, by what they were asked for: to make one takes a hundred times as long as to use it. */
const made = new Map<string, Intl.NumberFormat>();

/**
 * A locale’s way of writing numbers; the same object whenever the same is asked for.
 *
 * @param locale BCP 47 tag
 * @param options only figures, words and switches, as Intl.NumberFormat takes them
 * @example numberFormat('en-GB', { maximumFractionDigits: 1 }).format(1234.56) // '1,234.6'
 */
export function numberFormat(locale: string, options: Intl.NumberFormatOptions = {}): Intl.NumberFormat {
  const key = `${locale} ${JSON.stringify(options)}`;
  const known = made.get(key);
  if (known !== undefined) return known;
  const format = new Intl.NumberFormat(locale, options);
  made.set(key, format);
  return format;
}
