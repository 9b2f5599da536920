import type { Quantity, UnitSystem } from './quantity';
import { numberFormat } from './numberFormat';
import { fromSi, UNITS } from './unitTable';

/** A number and its unit, apart, so that a view can set the number large and the unit small. */
export interface FormattedQuantity {
  readonly number: string;
  readonly unit: string;
}

export interface FormatOptions {
  readonly system?: UnitSystem;
  /** BCP 47 tag; decides the decimal sign and grouping. */
  readonly locale?: string;
  /** Digits after the point, if other than the unit's own. */
  readonly digits?: number;
}

/**
 * A quantity as a keeper reads it, number and unit apart.
 * Values that are not finite read "–": a report never holds them, but a half-typed form may.
 */
export function formatParts(quantity: Quantity, options: FormatOptions = {}): FormattedQuantity {
  const unit = UNITS[quantity.kind][options.system ?? 'metric'];
  const value = fromSi(quantity.si, unit);
  if (!Number.isFinite(value)) return { number: '–', unit: unit.symbol };
  const digits = options.digits ?? shownDigits(quantity, options);
  // Adding 0 turns −0 into 0, so that "−0.0 cm" never shows.
  const rounded = Number(value.toFixed(digits)) + 0;
  const number = numberFormat(options.locale ?? 'en-GB', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  }).format(rounded);
  const isOne = rounded === 1 && digits === 0;
  return { number: number.replace('-', '−'), unit: isOne ? (unit.one ?? unit.symbol) : unit.symbol };
}

/** Digits after the point that a quantity is shown with: its unit’s, and no more than mean something. */
export function shownDigits({ kind, si }: Quantity, { system = 'metric' }: FormatOptions = {}): number {
  const unit = UNITS[kind][system];
  return Math.min(unit.digits, digitsWorthReading(fromSi(si, unit)));
}

/** A number without a unit, as a keeper reads it: on axes and rulers, in counts. */
export const formatNumber = (value: number, locale: string, digits?: number): string =>
  numberFormat(
    locale,
    digits === undefined ? {} : { minimumFractionDigits: digits, maximumFractionDigits: digits },
  )
    .format(value)
    .replace('-', '−');

/** A number without a unit and without groups, at most three digits after the decimal sign. */
export const formatPlain = (value: number, locale: string): string =>
  numberFormat(locale, { useGrouping: false, maximumFractionDigits: 3 }).format(value);

/** Digits after the point that still mean something: no measure here is known to better than three figures. */
function digitsWorthReading(value: number): number {
  const whole = Math.floor(Math.log10(Math.max(1, Math.abs(value)))) + 1;
  return Math.max(0, 3 - whole);
}

/**
 * A quantity as one string, e.g. "4.5 cm".
 *
 * @example formatQuantity({ kind: 'length', si: 0.045 }) // '4.5 cm'
 */
export function formatQuantity(quantity: Quantity, options: FormatOptions = {}): string {
  const { number, unit } = formatParts(quantity, options);
  return unit === '' ? number : `${number} ${unit}`;
}
