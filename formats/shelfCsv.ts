import Papa from 'papaparse';
import { csvText, plainCell } from './csvText';
import { LONGEST_CELL, LONGEST_CELL_WORDS } from './fileLimits';
import { findMedium } from '@/core/media/catalogue';
import { faultLines } from '@/core/document/faultLines';
import { MAX_ITEMS } from '@/core/shelf/shelfBounds';
import { ShelfItemSchema, type Shelf, type ShelfItem } from '@/core/shelf/shelf';

/** Columns of the file, in order; each says its unit. Lengths cm, volumes L. */
const COLUMNS = [
  'kind',
  'medium',
  'part',
  'label',
  'length cm',
  'width cm',
  'thickness cm',
  'count',
  'volume L',
  'pack L',
  'price',
  'off-cut',
] as const;
type Column = (typeof COLUMNS)[number];
type Row = Readonly<Record<Column, string>>;

const [CENTIMETRE, LITRE] = [0.01, 1e-3];
/** Enough digits for a tenth of a millimetre and a millilitre. */
const tidy = (value: number): string => String(Number(value.toFixed(6)));
const inUnit = (si: number | null, unit: number): string => (si === null ? '' : tidy(si / unit));

/** The shelf as a CSV file with a header; figures with a point, whatever the keeper’s language. */
export function writeShelfCsv({ items }: Shelf): string {
  const rows = items.map((item): Row => ({
    kind: item.kind,
    medium: 'medium' in item ? item.medium : '',
    part: item.kind === 'spare' ? item.part : '',
    label: item.label,
    'length cm': item.kind === 'sheet' ? inUnit(item.length, CENTIMETRE) : '',
    'width cm': item.kind === 'sheet' ? inUnit(item.width, CENTIMETRE) : '',
    'thickness cm': item.kind === 'sheet' ? inUnit(item.thickness, CENTIMETRE) : '',
    count: 'count' in item ? String(item.count) : '',
    'volume L': item.kind === 'loose' || item.kind === 'bag' ? inUnit(item.volume, LITRE) : '',
    'pack L': item.kind === 'loose' ? inUnit(item.packVolume, LITRE) : '',
    price: inUnit(item.price, 1),
    'off-cut': item.kind === 'sheet' && item.offcut ? 'yes' : '',
  }));
  return csvText(COLUMNS, rows);
}

/** What a file would put on the shelf, and what is wrong with its other rows, by line. */
export interface ShelfCsv {
  readonly items: readonly ShelfItem[];
  readonly faults: readonly string[];
}

/** A number as a spreadsheet writes it, with a point or a comma; null for an empty cell, NaN for anything else. */
function numberIn(cell: string): number | null {
  const text = cell.trim();
  if (text === '') return null;
  return /^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN;
}

/**
 * Reads a shelf from CSV, row by row: a bad row is reported by its line and reason, and never read in part.
 *
 * @param newId gives every row its id
 */
export function readShelfCsv(text: string, newId: () => string): ShelfCsv {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const missing = (['kind'] as const).filter((column) => !(meta.fields ?? []).includes(column));
  if (missing.length > 0)
    return { items: [], faults: [`The first line must name the columns: ${COLUMNS.join(', ')}.`] };
  if (data.length > MAX_ITEMS)
    return {
      items: [],
      faults: [`The file has ${data.length} rows; the shelf can hold at most ${MAX_ITEMS} items.`],
    };
  const items: ShelfItem[] = [];
  const faults: string[] = [];
  data.forEach((row, index) => {
    // The header is line 1.
    const line = index + 2;
    const wrong = (reason: string): void => void faults.push(`Line ${line}: ${reason}`);
    if (Object.values(row).some((value) => value.length > LONGEST_CELL))
      return wrong(`a cell holds more than ${LONGEST_CELL_WORDS}. Shorten it.`);
    const cell = (column: Column): string => (row[column] ?? '').trim();
    const scaled = (column: Column, unit: number): number | null => {
      const value = numberIn(cell(column));
      return value === null ? null : value * unit;
    };
    const medium = cell('medium');
    if (['sheet', 'loose', 'piece'].includes(cell('kind')) && findMedium(medium) === undefined)
      return wrong(`there is no medium “${medium}” in the catalogue.`);
    const parsed = ShelfItemSchema.safeParse({
      kind: cell('kind'),
      id: newId(),
      label: plainCell(cell('label')),
      medium,
      part: cell('part'),
      length: scaled('length cm', CENTIMETRE),
      width: scaled('width cm', CENTIMETRE),
      thickness: scaled('thickness cm', CENTIMETRE),
      count: numberIn(cell('count')) ?? 0,
      volume: scaled('volume L', LITRE) ?? (cell('kind') === 'loose' ? 0 : null),
      packVolume: scaled('pack L', LITRE),
      price: scaled('price', 1),
      offcut: /^(yes|true|1)$/i.test(cell('off-cut')),
    });
    if (parsed.success) items.push(parsed.data);
    else wrong(faultLines(parsed.error).join(' '));
  });
  return { items, faults };
}
