import type { QuantityKind, UnitSystem } from './quantity';
import { toSi, UNITS, type Unit } from './unitTable';

export type ParsedQuantity =
  { readonly ok: true; readonly si: number } | { readonly ok: false; readonly fault: string };

const NUMBER = /^([+\-−]?)\s*(\d+\s+\d+\/\d+|\d+\/\d+|[\d.,'’ ]*\d[.,]?|[.,]\d+)/;

/**
 * Reads what a keeper types into SI: "4,5", "45 mm", "1 3/4 in", "1 050 L/h". A number without a unit is in the
 * kind's unit for `system`.
 *
 * One point or comma is a decimal sign; several of the same are grouping; when both stand, the last is the decimal.
 * Empty text, text without a number, and a unit of another kind are faults that say what to type instead.
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  system: UnitSystem = 'metric',
): ParsedQuantity {
  const row = UNITS[kind];
  const own = row[system];
  const example = own.symbol === '' ? 'a number' : `a number, such as 4.5 ${own.symbol}`;
  const trimmed = text.trim();
  if (trimmed === '') return { ok: false, fault: `Type ${example}.` };
  const match = NUMBER.exec(trimmed);
  if (match === null) return { ok: false, fault: `“${shorten(trimmed)}” is not a number. Type ${example}.` };
  const value = parseNumber(match[2] ?? '');
  if (value === null) return { ok: false, fault: `“${shorten(trimmed)}” is not a number. Type ${example}.` };
  const rest = trimmed.slice(match[0].length).trim();
  const unit = rest === '' ? own : findUnit(rest, [own, ...row.typed]);
  if (unit === null) {
    const known = row.typed.map((one) => one.symbol).join(', ');
    return {
      ok: false,
      fault:
        known === ''
          ? `“${shorten(rest)}” does not belong here.`
          : `“${shorten(rest)}” is not a unit for this. Use ${known}.`,
    };
  }
  return { ok: true, si: toSi(match[1] === '' || match[1] === '+' ? value : -value, unit) };
}

const shorten = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);

/** The first unit of that name: the keeper's own comes first, so that "gal" is the gallon they use. */
function findUnit(text: string, units: readonly Unit[]): Unit | null {
  const wanted = text.toLowerCase().replace(/\.$/, '').replace(/\s+/g, ' ');
  return units.find((unit) => unit.symbol.toLowerCase() === wanted || unit.aliases.includes(wanted)) ?? null;
}

function parseNumber(text: string): number | null {
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
  if (fraction !== null) {
    const below = Number(fraction[3]);
    return below === 0 ? null : Number(fraction[1] ?? 0) + Number(fraction[2]) / below;
  }
  const packed = text.replace(/['’\s]/g, '');
  const lastSign = Math.max(packed.lastIndexOf('.'), packed.lastIndexOf(','));
  if (lastSign === -1) return finite(packed);
  const sign = packed[lastSign];
  const other = sign === '.' ? ',' : '.';
  const grouping = packed.split(sign ?? '').length > 2;
  if (grouping) return packed.includes(other) ? null : finite(packed.replaceAll(sign ?? '', ''));
  return finite(`${packed.slice(0, lastSign).replaceAll(other, '')}.${packed.slice(lastSign + 1)}`);
}

const finite = (text: string): number | null => {
  const value = Number(text);
  return Number.isFinite(value) ? value : null;
};
