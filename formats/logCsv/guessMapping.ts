import { dayOrderOf, type DayOrder } from './parseMoment';
import { LOG_FIELDS, logField, OWN_HEADINGS, type LogFieldKey } from './logFields';
import type { Table } from './readTable';

/** What a column is taken for. */
export interface ColumnChoice {
  readonly field: LogFieldKey;
  /** Which of the units of the field; 0 for words. */
  readonly unit: number;
}

export type DecimalSign = '.' | ',';

/** How a table is read. */
export interface Mapping {
  /** By column; null: left out. */
  readonly columns: readonly (ColumnChoice | null)[];
  readonly decimal: DecimalSign;
  readonly order: DayOrder;
}

const KEYS = Object.keys(LOG_FIELDS) as LogFieldKey[];

/** Guesses what each column holds, in which unit, and how numbers and dates are written. Every field is taken once. */
export function guessMapping(table: Table): Mapping {
  const taken = new Set<LogFieldKey>();
  const columns = table.headings.map((heading): ColumnChoice | null => {
    const lower = heading.toLowerCase();
    const field =
      KEYS.find((key) => OWN_HEADINGS[key].toLowerCase() === lower) ??
      KEYS.find((key) => logField(key).own !== true && !taken.has(key) && logField(key).heading.test(lower));
    if (field === undefined || taken.has(field)) return null;
    taken.add(field);
    const { units } = logField(field);
    return {
      field,
      unit: Math.max(
        0,
        units.findIndex((unit) => unit.heading.test(lower)),
      ),
    };
  });
  const numbers = columns.flatMap((choice, place) =>
    choice !== null && logField(choice.field).units.length > 0 ? cellsOf(table, place) : [],
  );
  const dates = columns.findIndex((choice) => choice?.field === 'date');
  return {
    columns,
    decimal: decimalOf(numbers),
    order: (dates === -1 ? null : dayOrderOf(cellsOf(table, dates))) ?? 'day first',
  };
}

const cellsOf = (table: Table, place: number): string[] => table.rows.map(({ cells }) => cells[place] ?? '');

/** The sign before the decimals: the one that a number has with other than three digits behind it. */
function decimalOf(cells: readonly string[]): DecimalSign {
  let commas = 0;
  let points = 0;
  for (const cell of cells) {
    if (/^-?\d+,(\d{1,2}|\d{4,})$/.test(cell.trim())) commas += 1;
    if (/^-?\d+\.(\d{1,2}|\d{4,})$/.test(cell.trim())) points += 1;
  }
  return commas > points ? ',' : '.';
}
