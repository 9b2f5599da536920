import { numberSigns, type NumberSigns } from './numberSigns';

/** A number that was typed: its value, two values between which only the keeper can choose, or none. */
export type ParsedNumber =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'either'; readonly values: readonly [number, number] }
  | { readonly kind: 'none' };

const NO_NUMBER: ParsedNumber = { kind: 'none' };
const number = (value: number): ParsedNumber =>
  Number.isFinite(value) ? { kind: 'number', value } : NO_NUMBER;

/** Signs that only ever group: spaces of any width, and apostrophes. */
const SPACES = /[\s\u00a0\u202f\u2009'’]/gu;

/**
 * Reads a number without a sign before it as the habits of a language have it: "1,050" is a thousand and fifty where
 * the comma groups and 1.05 where it divides. Where the language uses the sign for neither, and both would make sense,
 * both are given back. Fractions such as "1 3/4" are read everywhere.
 *
 * @param text digits with their signs, nothing else
 * @param locale BCP 47 tag
 * @example parseNumber('1,050', 'en') // { kind: 'number', value: 1050 }
 */
export function parseNumber(text: string, locale: string): ParsedNumber {
  const signs = numberSigns(locale);
  const typed = signs.digits.reduce(
    (current, digit, index) => current.replaceAll(digit, String(index)),
    text.trim(),
  );
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(typed);
  if (fraction !== null) {
    const below = Number(fraction[3]);
    return below === 0 ? NO_NUMBER : number(Number(fraction[1] ?? 0) + Number(fraction[2]) / below);
  }
  // Typed spaces must group as written numbers do: "1 05" is a slip.
  const spaced = typed.replace(SPACES, ' ');
  if (spaced.includes(' ')) {
    const [whole = '', ...rest] = spaced.split(/(?=[.,٫])/u);
    if (!isGrouped(whole, ' ', signs)) return NO_NUMBER;
    return parseSigned(whole.replaceAll(' ', '') + rest.join(''), signs, true);
  }
  return parseSigned(typed.replaceAll('٫', '.').replaceAll('٬', ','), signs, false);
}

/** @param grouped true where spaces have grouped it already, so that one more sign must be the decimal one */
function parseSigned(text: string, signs: NumberSigns, grouped: boolean): ParsedNumber {
  if (!/^[\d.,]*\d[\d.,]*$/.test(text)) return NO_NUMBER;
  const used = [...new Set(text.replace(/\d/g, ''))];
  const [only] = used;
  if (only === undefined) return number(Number(text));
  if (used.length === 2) {
    // The last is the decimal sign, so it stands once, and the other groups what is before it.
    const decimal = text.lastIndexOf('.') > text.lastIndexOf(',') ? '.' : ',';
    const [whole = '', ...after] = text.split(decimal);
    const group = decimal === '.' ? ',' : '.';
    return after.length === 1 && isGrouped(whole, group, signs)
      ? number(Number(`${whole.replaceAll(group, '')}.${after[0]}`))
      : NO_NUMBER;
  }
  const asDecimal = text.split(only).length === 2 ? Number(text.replace(only, '.')) : null;
  const asGroups = !grouped && isGrouped(text, only, signs) ? Number(text.replaceAll(only, '')) : null;
  if (asDecimal === null || asGroups === null) {
    const value = asDecimal ?? asGroups;
    return value === null ? NO_NUMBER : number(value);
  }
  if (only === signs.decimal) return number(asDecimal);
  if (only === signs.group) return number(asGroups);
  return { kind: 'either', values: [asGroups, asDecimal] };
}

/** True when a sign stands where a written number has its groups: "1,050" and "12,34,567", not "1,05" or "0,500". */
function isGrouped(text: string, sign: string, { groupLength }: NumberSigns): boolean {
  const [first = '', ...groups] = text.split(sign);
  const last = groups.pop();
  if (last === undefined) return true;
  return (
    /^[1-9]\d*$/.test(first) &&
    first.length <= 3 &&
    last.length === 3 &&
    (groups.every((group) => group.length === 3) || groups.every((group) => group.length === groupLength))
  );
}
