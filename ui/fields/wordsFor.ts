import { parseISO } from 'date-fns';
import { dateFormat } from '@/core/units/dateFormat';
import { formatNumber, formatParts, type FormattedQuantity } from '@/core/units/formatQuantity';
import { numberFormat } from '@/core/units/numberFormat';
import type { Quantity, QuantityKind, UnitSystem } from '@/core/units/quantity';
import type { Sentence } from '@/core/units/sentence';
import { UNITS, type Unit } from '@/core/units/unitTable';

/** How a keeper reads numbers: a family of units, and the habits of a language (BCP 47 tag). */
export interface ReadingHabits {
  readonly system: UnitSystem;
  readonly locale: string;
  /** ISO 4217 code of the keeper’s own money. */
  readonly currency: string;
}

/** Quantities, sentences and dates as one keeper reads them. */
export interface Words extends ReadingHabits {
  /** "4.5 cm"; a number never parts from its unit, or from the first word of a unit that is a phrase, at a line’s end. */
  readonly show: (quantity: Quantity, digits?: number) => string;
  readonly parts: (quantity: Quantity, digits?: number) => FormattedQuantity;
  /** A bare number: on axes and rulers, in counts. */
  readonly number: (value: number, digits?: number) => string;
  readonly say: (sentence: Sentence) => string;
  /** “€4.50”: the keeper’s own money, never converted. */
  readonly money: (amount: number) => string;
  readonly unit: (kind: QuantityKind) => Unit;
  readonly date: (moment: string | Date, options: Intl.DateTimeFormatOptions) => string;
  readonly clock: (moment: string) => string;
}

const FIXED_SPACE = '\u00a0';

/** A number and its unit on one line; a unit that is a phrase, “times an hour”, may wrap after its first word. */
function glued({ number, unit }: FormattedQuantity): string {
  if (unit === '') return number;
  const isPhrase = unit.split(' ').length > 2;
  return `${number}${FIXED_SPACE}${isPhrase ? unit : unit.replaceAll(' ', FIXED_SPACE)}`;
}

export function wordsFor(habits: ReadingHabits): Words {
  const show = (quantity: Quantity, digits?: number): string =>
    glued(formatParts(quantity, { ...habits, digits }));
  const date = (moment: string | Date, options: Intl.DateTimeFormatOptions): string =>
    dateFormat(habits.locale, options).format(typeof moment === 'string' ? parseISO(moment) : moment);
  return {
    ...habits,
    show,
    number: (value, digits) => formatNumber(value, habits.locale, digits),
    parts: (quantity, digits) => formatParts(quantity, { ...habits, digits }),
    say: (sentence) => sentence.map((part) => (typeof part === 'string' ? part : show(part))).join(''),
    money: (amount) =>
      numberFormat(habits.locale, { style: 'currency', currency: habits.currency }).format(amount),
    unit: (kind) => UNITS[kind][habits.system],
    date,
    clock: (moment) => date(moment, { hour: '2-digit', minute: '2-digit' }),
  };
}
