import { plainCell } from '../csvText';
import { LONGEST_CELL_WORDS } from '../fileLimits';
import { faultLines } from '@/core/document/faultLines';
import { LogEntrySchema, type LogEntry } from '@/core/log/logEntry';
import { findUnit } from '@/core/units/parseQuantity';
import { toSi } from '@/core/units/unitTable';
import { logField, type LogFieldKey } from './logFields';
import type { DecimalSign, Mapping } from './guessMapping';
import { parseMoment } from './parseMoment';
import type { Table } from './readTable';
import { LAYER_SIGN, LIST_SIGN } from './writeLogCsv';

/** What a table would put into a log. */
export interface LogRead {
  readonly entries: readonly LogEntry[];
  /** Rows that give no entry because of a fault. */
  readonly badRows: number;
  /** The first faults, by row and reason. */
  readonly faults: readonly string[];
}

/** Most faults listed. */
const MAX_FAULTS = 50;
/** The jug of a flow that was written down without one, m³: the flow is what counts. */
const ONE_LITRE = 1e-3;

interface Options {
  readonly filterId: string;
  readonly newId: () => string;
  readonly now: Date;
}

/** A cell is not what its column is taken for. */
class CellError extends Error {}

/**
 * Reads a table into entries of the log. A row may make several: a test, a water change and a flow of one day. A bad row
 * is reported by its number and reason and never read in part; the heading is row 1.
 *
 * @throws nothing: what is wrong is in the answer
 */
export function readLogTable(table: Table, mapping: Mapping, options: Options): LogRead {
  const entries: LogEntry[] = [];
  const faults: string[] = [];
  const placeOf = new Map<LogFieldKey, number>();
  mapping.columns.forEach((choice, place) => {
    if (choice !== null) placeOf.set(choice.field, place);
  });
  if (!placeOf.has('date'))
    return {
      entries,
      badRows: table.rows.length,
      faults: ['Choose the column that holds the date.'],
    };
  let badRows = 0;
  table.rows.forEach(({ number, cells, isTooLong = false }) => {
    try {
      if (isTooLong) throw new CellError(`a cell holds more than ${LONGEST_CELL_WORDS}. Shorten it.`);
      const made = entriesOf(new Cells(cells, placeOf, mapping), mapping, options);
      entries.push(...made);
    } catch (error) {
      if (!(error instanceof CellError)) throw error;
      badRows += 1;
      if (faults.length < MAX_FAULTS) faults.push(`Row ${number}: ${error.message}`);
    }
  });
  return { entries, badRows, faults };
}

/** The cells of a row by field. */
class Cells {
  constructor(
    private readonly row: readonly string[],
    private readonly placeOf: ReadonlyMap<LogFieldKey, number>,
    private readonly mapping: Mapping,
  ) {}

  text(field: LogFieldKey): string {
    const place = this.placeOf.get(field);
    // The apostrophe keeps spreadsheets from taking it for a formula.
    return place === undefined ? '' : plainCell((this.row[place] ?? '').trim());
  }

  list(field: LogFieldKey): string[] {
    return this.text(field)
      .split(LIST_SIGN.trim())
      .map((item) => item.trim())
      .filter((item) => item !== '');
  }

  /** SI; null: an empty cell. */
  si(field: LogFieldKey): number | null {
    return this.text(field) === '' ? null : this.toSi(field, this.text(field));
  }

  toSi(field: LogFieldKey, text: string): number {
    const { units, words } = logField(field);
    const place = this.placeOf.get(field) ?? 0;
    const chosen = units[this.mapping.columns[place]?.unit ?? 0] ?? units[0];
    if (chosen === undefined) throw new Error(`“${field}” is not a quantity.`);
    const match = /^(-?[\d.,’' \u00a0]*\d)\s*(.*)$/.exec(text);
    const value = match === null ? null : numberIn(match[1] ?? '', this.mapping.decimal);
    const rest = match?.[2] ?? '';
    if (value === null) throw new CellError(`“${text}” is not a number for ${words}.`);
    const unit =
      rest === '' ? chosen.unit : findUnit(rest, [chosen.unit, ...units.map((known) => known.unit)]);
    if (unit === null) throw new CellError(`“${rest}” is not a unit for ${words}.`);
    return tidy(toSi(value, unit));
  }

  /** Whether a column is taken for a figure of the whole ion. */
  isIon(field: LogFieldKey): boolean {
    const place = this.placeOf.get(field);
    if (place === undefined || this.text(field) === '') return false;
    return !/as N$/.test(logField(field).units[this.mapping.columns[place]?.unit ?? 0]?.words ?? '');
  }
}

/** Significant digits that are kept: the last bits are of the sum, not of what was written. */
const DIGITS = 12;
const tidy = (value: number): number => Number(value.toPrecision(DIGITS));

/** How numbers are written with each decimal sign, and what may stand between their groups of three. */
const NUMBERS = {
  '.': { form: /^-?(\d{1,3}([,’' \u00a0]\d{3})+|\d+)(\.\d+)?$/, group: /[,’' \u00a0]/g },
  ',': { form: /^-?(\d{1,3}([.’' \u00a0]\d{3})+|\d+)(,\d+)?$/, group: /[.’' \u00a0]/g },
} as const satisfies Record<DecimalSign, unknown>;

/** A number with this decimal sign; null: no number. */
function numberIn(text: string, decimal: DecimalSign): number | null {
  const { form, group } = NUMBERS[decimal];
  const trimmed = text.trim();
  return form.test(trimmed) ? Number(trimmed.replaceAll(group, '').replace(decimal, '.')) : null;
}

function entriesOf(cells: Cells, { order }: Mapping, { filterId, newId, now }: Options): LogEntry[] {
  const moment = parseMoment(cells.text('date'), cells.text('time'), order, now);
  if (moment === null)
    throw new CellError(
      cells.text('date') === ''
        ? 'the date is missing.'
        : `“${cells.text('date')}” is not a date, or the day and month are the other way round.`,
    );
  const kind = cells.text('kind');
  const bodies = kind === '' ? bodiesOf(cells) : [bodyOf(kind, cells)];
  const note = cells.text('note');
  const [first, ...others] = bodies;
  const noted =
    first === undefined
      ? note === ''
        ? []
        : [{ kind: 'note', note }]
      : [{ ...first, note }, ...others.map((body) => ({ ...body, note: '' }))];
  if (noted.length === 0) throw new CellError('there is only a date.');
  return noted.map((body) => {
    const parsed = LogEntrySchema.safeParse({
      ...body,
      id: newId(),
      filterId,
      jobId: null,
      at: moment.toISOString(),
    });
    if (!parsed.success) throw new CellError(faultLines(parsed.error).join(' '));
    return parsed.data;
  });
}

/** What a row holds that does not say what kind it is: each group of cells that is filled is an entry. */
function bodiesOf(cells: Cells): object[] {
  const filled = (...fields: LogFieldKey[]): boolean => fields.some((field) => cells.text(field) !== '');
  return [
    ...(filled('ammonia', 'nitrite', 'nitrate', 'pH') ? [bodyOf('test', cells)] : []),
    ...(filled('flow', 'seconds') ? [bodyOf('flow', cells)] : []),
    ...(filled('share') ? [bodyOf('water change', cells)] : []),
    ...(filled('topUp') ? [bodyOf('top-up', cells)] : []),
    ...(filled('headroom') ? [bodyOf('level', cells)] : []),
  ];
}

/** The body of an entry of a kind. What is missing or strange in it is found by the schema. */
function bodyOf(kind: string, cells: Cells): object {
  switch (kind) {
    case 'flow': {
      const flow = cells.si('flow');
      const seconds = cells.list('seconds').map((time) => cells.toSi('seconds', time));
      const moment = cells.text('moment') || 'between';
      if (seconds.length > 0) return { kind, moment, jugVolume: cells.si('jug') ?? ONE_LITRE, seconds };
      if (flow === null || flow <= 0) throw new CellError('the flow must be more than 0.');
      return { kind, moment, jugVolume: ONE_LITRE, seconds: [ONE_LITRE / flow] };
    }
    case 'test':
      return {
        kind,
        ammonia: cells.si('ammonia'),
        nitrite: cells.si('nitrite'),
        nitrate: cells.si('nitrate'),
        pH: cells.si('pH'),
        scale: cells.text('scale') || (cells.isIon('ammonia') || cells.isIon('nitrite') ? 'ion' : 'nitrogen'),
      };
    case 'water change':
      return {
        kind,
        share: cells.si('share'),
        dechlorinated: !/^(no|false|0)$/i.test(cells.text('dechlorinated')),
      };
    case 'addition':
      return { kind, what: cells.text('added') };
    case 'cloudy':
      return { kind, rinsed: cells.text('rinsed') || 'not known' };
    case 'look':
      return { kind, seen: cells.list('seen') };
    case 'level':
      return { kind, headroom: cells.si('headroom') };
    case 'service':
      return {
        kind,
        works: cells.list('works').map((item) => {
          const [work = '', layerId = null] = item.split(LAYER_SIGN.trim()).map((part) => part.trim());
          return { work, layerId };
        }),
        flowWas: cells.text('flowWas') || 'not known',
      };
    case 'top-up':
      return { kind, volume: cells.si('topUp') };
    case 'change':
      return { kind, what: cells.text('changed') };
    case 'fault':
      return { kind, symptom: cells.text('symptom'), causes: cells.list('causes') };
    case 'snooze':
      return { kind, item: cells.text('item'), until: cells.text('until') };
    case 'repacked':
    case 'note':
      return { kind };
    default:
      throw new CellError(`“${kind}” is not a kind of log entry.`);
  }
}
