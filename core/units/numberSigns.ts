/** How a language writes numbers. */
export interface NumberSigns {
  readonly decimal: string;
  /** The sign between groups of digits; null where the language has none. */
  readonly group: string | null;
  /** Its ten digits, from zero. */
  readonly digits: readonly string[];
  /** Digits in the groups before the last one: 2 in Indian habits, else 3. */
  readonly groupLength: number;
}

const known = new Map<string, NumberSigns>();

/**
 * The signs of a language’s numbers.
 *
 * @param locale BCP 47 tag
 * @throws RangeError when the tag is malformed
 * @example numberSigns('de').decimal // ','
 * @source ECMA-402, `Intl.NumberFormat.prototype.formatToParts`.
 */
export function numberSigns(locale: string): NumberSigns {
  const found = known.get(locale);
  if (found !== undefined) return found;
  const parts = new Intl.NumberFormat(locale, { minimumFractionDigits: 1 }).formatToParts(1_234_567_890.1);
  const integers = parts.filter(({ type }) => type === 'integer').map(({ value }) => value);
  const plain = new Intl.NumberFormat(locale, { useGrouping: false });
  const signs: NumberSigns = {
    decimal: parts.find(({ type }) => type === 'decimal')?.value ?? '.',
    group: parts.find(({ type }) => type === 'group')?.value ?? null,
    digits: Array.from({ length: 10 }, (_, digit) => plain.format(digit)),
    groupLength: integers.at(-2)?.length ?? 3,
  };
  known.set(locale, signs);
  return signs;
}
