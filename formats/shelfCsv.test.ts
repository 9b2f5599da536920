import { describe, expect, it } from 'vitest';
import type { Shelf } from '@/core/shelf/shelf';
import { readShelfCsv, writeShelfCsv } from './shelfCsv';

const shelf: Shelf = {
  id: 'shelf',
  items: [
    {
      kind: 'sheet',
      id: 'a',
      label: 'Blue, "coarse"; roll',
      medium: 'foam-15',
      length: 0.5,
      width: 0.333,
      thickness: 0.03,
      count: 2,
      offcut: false,
      price: 9.5,
    },
    {
      kind: 'loose',
      id: 'b',
      label: '=1+1',
      medium: 'lava',
      volume: 1.5e-3,
      packVolume: 10e-3,
      price: null,
    },
    { kind: 'piece', id: 'c', label: '', medium: 'cartridge', count: 0, price: 4 },
    { kind: 'bag', id: 'd', label: '', volume: 1e-3, count: 3, price: 1.5 },
    { kind: 'spare', id: 'e', label: '', part: 'lid seal', count: 1, price: null },
  ],
};
let next = 0;
const newId = (): string => `n${(next += 1)}`;
const withoutIds = (items: readonly { readonly id: string }[]) => items.map(({ id: _, ...rest }) => rest);

describe('the shelf as CSV', () => {
  it('comes back as it went out, and no spreadsheet runs what stands in it', () => {
    const text = writeShelfCsv(shelf);
    expect(text).toContain("'=1+1");
    const read = readShelfCsv(text, newId);
    expect(read.faults).toEqual([]);
    const [sheet, ...others] = withoutIds(read.items);
    expect(sheet).toMatchObject({ label: 'Blue, "coarse"; roll', count: 2, price: 9.5 });
    expect(others).toEqual(withoutIds(shelf.items.slice(1)));
  });

  it('reads the commas of a spreadsheet, its semicolons and its mark at the beginning', () => {
    const text =
      '\uFEFFkind;medium;length cm;width cm;thickness cm;count;price\r\nsheet;foam-30;50;33,5;3;1;12,50\r\n';
    expect(readShelfCsv(text, newId).items[0]).toMatchObject({ width: 0.335, price: 12.5, label: '' });
  });

  it.each([
    ['stock below zero', 'sheet,foam-30,50,50,3,-1,', /Line 2: .*cannot be below 0/],
    ['a price of nothing', 'sheet,foam-30,50,50,3,1,0', /Line 2: .*Price must be more than 0/],
    ['words for a number', 'sheet,foam-30,wide,50,3,1,', /Line 2: .*Length of the sheet/],
    ['an unknown medium', 'sheet,gold,50,50,3,1,', /Line 2: there is no medium “gold”/],
    ['a cell of more than 64 kB', `sheet,${'x'.repeat(65_537)},50,50,3,1,`, /Line 2: a cell holds more/],
    ['an unknown kind', 'box,,,,,1,', /Line 2: /],
  ])('says by line what is wrong with %s, and reads the other rows', (_, row, message) => {
    const head = 'kind,medium,length cm,width cm,thickness cm,count,price';
    const read = readShelfCsv(`${head}\n${row}\nsheet,foam-15,50,50,3,1,\n`, newId);
    expect(read.faults.join('\n')).toMatch(message);
    expect(read.items).toHaveLength(1);
  });

  it('asks for its columns where there are none', () => {
    expect(readShelfCsv('one,two\n1,2\n', newId).faults[0]).toMatch(/must name the columns: kind, medium/);
  });
});
