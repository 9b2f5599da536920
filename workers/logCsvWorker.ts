import { expose } from 'comlink';
import type { LogEntry } from '@/core/log/logEntry';
import { decodeText, type Decoded } from '@/formats/logCsv/decodeText';
import { guessMapping, type Mapping } from '@/formats/logCsv/guessMapping';
import { readLogTable, type LogRead } from '@/formats/logCsv/readLogTable';
import { readTable, type Table } from '@/formats/logCsv/readTable';

/** Rows that are shown as they stand in the file. */
const SAMPLES = 3;

/** A file that was opened: what stands in it, and how it may be meant. */
export interface OpenedCsv {
  readonly encoding: Decoded['encoding'];
  readonly headings: readonly string[];
  readonly samples: readonly (readonly string[])[];
  readonly rows: number;
  readonly guess: Mapping;
}

/** What was read, with as many entries as are wanted. */
export interface CsvRead extends Omit<LogRead, 'entries'> {
  /** How many entries there are since the day that was asked for. */
  readonly count: number;
  /** null: more than were wanted. */
  readonly entries: readonly LogEntry[] | null;
  /** ISO moments of the first and the last; null: none. */
  readonly span: readonly [string, string] | null;
  readonly first: readonly LogEntry[];
}

let table: Table = { headings: [], rows: [] };

/** A CSV file with a log, read away from the page: it may have hundreds of thousands of rows. */
const api = {
  open(bytes: Uint8Array): OpenedCsv {
    const { text, encoding } = decodeText(bytes);
    table = readTable(text);
    return {
      encoding,
      headings: table.headings,
      samples: table.rows.slice(0, SAMPLES).map(({ cells }) => cells),
      rows: table.rows.length,
      guess: guessMapping(table),
    };
  },

  /**
   * Reads the file that was opened.
   *
   * @param since ISO moment before which entries are left out; null: none
   * @param most entries that are given back
   */
  read(mapping: Mapping, filterId: string, since: string | null, most: number): CsvRead {
    const { entries: all, ...read } = readLogTable(table, mapping, {
      filterId,
      newId: () => crypto.randomUUID(),
      now: new Date(),
    });
    const entries = all
      .filter(({ at }) => since === null || at >= since)
      .sort((a, b) => a.at.localeCompare(b.at));
    const [first] = entries;
    const last = entries.at(-1);
    return {
      ...read,
      count: entries.length,
      entries: entries.length > most ? null : entries,
      span: first === undefined || last === undefined ? null : [first.at, last.at],
      first: entries.slice(0, SAMPLES),
    };
  },
};
export type LogCsvApi = typeof api;

expose(api);
