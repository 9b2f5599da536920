import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { csvText, plainCell } from './csvText';

const cellOf = (text: string): string =>
  Papa.parse<string[]>(csvText(['cell'], [{ cell: text }]), { skipEmptyLines: false }).data[1]![0]!;

describe('csvText', () => {
  // What spreadsheets take for a formula: OWASP, “CSV Injection”; the full-width sign as East Asian spreadsheets do.
  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1', '\n=1+1', '  =1', ' \r\n @x', '＝1'])(
    'no spreadsheet runs %j, and it is read as it was',
    (text) => {
      expect(cellOf(text)).toBe(`'${text}`);
      expect(plainCell(cellOf(text))).toBe(text);
    },
  );

  it.each(['a=1', '1-1', '’tis', "'quoted'", ''])('leaves %j alone', (text) => {
    expect(cellOf(text)).toBe(text);
    expect(plainCell(text)).toBe(text);
  });

  it('gives back any cell but one that began with an apostrophe before a formula', () => {
    fc.assert(
      fc.property(
        fc.string().filter((text) => plainCell(text) === text),
        (text) => {
          expect(plainCell(cellOf(text))).toBe(text);
        },
      ),
    );
  });
});
