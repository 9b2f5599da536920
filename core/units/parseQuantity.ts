import { formatPlain } from './formatQuantity';
import { numberFormat } from './numberFormat';
import { numberSigns } from './numberSigns';
import { parseNumber } from './parseNumber';
import type { QuantityKind, UnitSystem } from './quantity';
import { fromSi, toSi, UNITS, type Unit } from './unitTable';

export type ParsedQuantity =
  { readonly ok: true; readonly si: number } | { readonly ok: false; readonly fault: string };

/** How a keeper writes: a family of units, and the habits of a language. */
export interface WritingHabits {
  readonly system: UnitSystem;
  /** BCP 47 tag; decides which sign divides and which groups. */
  readonly locale: string;
}

const DEFAULT_HABITS: WritingHabits = { system: 'metric', locale: 'en-GB' };

/** Digits of any script with what may stand between them; a fraction may follow a whole number. */
const NUMBER =
  /^([+\-−]?)\s*(\p{Nd}+\s+\p{Nd}+\/\p{Nd}+|\p{Nd}+\/\p{Nd}+|\p{Nd}[\p{Nd}.,٫٬'’ \u00a0\u202f\u2009]*\p{Nd}[.,٫]?|\p{Nd}[.,٫]?|[.,٫]\p{Nd}+)/u;

/** Marks of the writing direction: invisible, and part of numbers in some languages. */
const DIRECTION_MARKS = /[\u061c\u200e\u200f]/g;

/**
 * Reads what a keeper types into SI: "4,5", "45 mm", "1 3/4 in", "1,050 L/h". A number without a unit is in the
 * kind's unit for the keeper’s system; its signs are read as the keeper’s language has them, and one that could be a
 * group or a decimal sign is asked about.
 *
 * Empty text, text without a number, and a unit of another kind are faults that say what to type instead.
 *
 * @returns SI of the kind, see `UNITS`; or one sentence that says what is wrong and what to type
 * @example parseQuantity('1,050 L/h', 'flow') // { ok: true, si: 0.00029166666666666664 }
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  { system, locale }: WritingHabits = DEFAULT_HABITS,
): ParsedQuantity {
  const row = UNITS[kind];
  const own = row[system];
  const sample = formatPlain(4.5, locale);
  const example = own.symbol === '' ? 'a number' : `a number, such as ${sample} ${own.symbol}`;
  const trimmed = text.replace(DIRECTION_MARKS, '').trim();
  if (trimmed === '') return bad(`Type ${example}.`);
  const match = NUMBER.exec(trimmed);
  const parsed = parseNumber(match?.[2] ?? '', locale);
  if (match === null || parsed.kind === 'none')
    return bad(`“${shorten(trimmed)}” is not a number. Type ${example}.`);
  if (parsed.kind === 'either') {
    const [grouped, divided] = parsed.values.map((value) => formatPlain(value, locale));
    return bad(`“${match[2] ?? ''}” can be read as ${grouped} or as ${divided}. Type one of them.`);
  }
  const rest = trimmed.slice(match[0].length).trim();
  const unit = rest === '' ? own : findUnit(rest, [own, ...row.typed]);
  if (unit === null) {
    const known = row.typed.map(({ symbol }) => symbol).join(', ');
    return bad(
      known === ''
        ? `Remove “${shorten(rest)}”.`
        : `“${shorten(rest)}” is not a unit for this. Use ${known}.`,
    );
  }
  const negative = match[1] === '-' || match[1] === '−';
  return { ok: true, si: toSi(negative ? -parsed.value : parsed.value, unit) };
}

/**
 * A value as it is put into a field to be typed over: no group signs, so that {@link parseQuantity} reads the same.
 *
 * @param si SI of the kind
 * @param digits after the decimal sign
 */
export function typedQuantity(si: number, unit: Unit, digits: number, locale: string): string {
  const value = Number(fromSi(si, unit).toFixed(digits)) + 0;
  return numberFormat(locale, {
    useGrouping: false,
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  })
    .format(value)
    .replace(numberSigns(locale).group ?? '\u0000', '');
}

const bad = (fault: string): ParsedQuantity => ({ ok: false, fault });

const shorten = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);

/**
 * The first unit that is written so, in any of its spellings; null: none of these. The keeper's own comes first, so that "gal" is
 * the gallon they use.
 */
export function findUnit(text: string, units: readonly Unit[]): Unit | null {
  const wanted = text
    .toLowerCase()
    .replace(/\.$/, '')
    .replace(/[\s\u00a0]+/g, ' ');
  return units.find((unit) => unit.symbol.toLowerCase() === wanted || unit.aliases.includes(wanted)) ?? null;
}
