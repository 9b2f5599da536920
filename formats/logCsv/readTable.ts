import Papa from 'papaparse';
import { LONGEST_CELL } from '../fileLimits';

/** A row of a table, and which one it is in the file, from 1. */
export interface TableRow {
  readonly number: number;
  readonly cells: readonly string[];
  /** A cell held more than a cell may, and was cut. */
  readonly isTooLong?: true;
}

/** A table as it stands in a file: its headings, and its rows, those without any cell filled left out. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly TableRow[];
}

/** Characters that are left of the cells of such a row. */
const SHOWN_OF_CELL = 60;

/** Separates CSV into cells; what separates them is found out. */
export function readTable(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''));
  const filled = data
    .map((cells, index): TableRow =>
      cells.some((cell) => cell.length > LONGEST_CELL)
        ? { number: index + 1, cells: cells.map((cell) => cell.slice(0, SHOWN_OF_CELL)), isTooLong: true }
        : { number: index + 1, cells },
    )
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [headings, ...rows] = filled;
  return { headings: (headings?.cells ?? []).map((heading) => heading.trim()), rows };
}
