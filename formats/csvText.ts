import Papa from 'papaparse';

/** What a spreadsheet would take for a formula, also behind white space and line breaks. */
const FORMULA = /^\s*[=+\-@＝]|^[\t\r]/;

/**
 * Rows as CSV (RFC 4180) with a header; a cell that a spreadsheet would take for a formula gets an apostrophe in front.
 *
 * @param rows cells by heading
 */
export const csvText = (
  fields: readonly string[],
  rows: readonly Readonly<Record<string, string>>[],
): string => `${Papa.unparse({ fields: [...fields], data: [...rows] }, { escapeFormulae: FORMULA })}\r\n`;

/** A cell as it was before {@link csvText} put an apostrophe in front. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
