import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { LogEntry } from '@/core/log/logEntry';
import { demoContent } from '@/demo/demoContent';
import { decodeText } from './decodeText';
import { guessMapping, type Mapping } from './guessMapping';
import { readLogTable } from './readLogTable';
import { readTable } from './readTable';
import { writeLogCsv } from './writeLogCsv';

const NOW = new Date('2026-11-25T12:00:00Z');
let count = 0;
const OPTIONS = { filterId: 'f', newId: () => `n${(count += 1)}`, now: NOW };
const common = { id: 'x', filterId: 'f', jobId: null, at: '2026-03-01T09:30:00.000Z', note: '' } as const;
const read = (text: string, change: (mapping: Mapping) => Mapping = (mapping) => mapping) => {
  const table = readTable(text);
  return readLogTable(table, change(guessMapping(table)), OPTIONS);
};
const anonymous = (entries: readonly LogEntry[]): unknown[] =>
  entries.map((entry) => ({ ...entry, id: '', jobId: null }));
/** The day and the hour of an entry where this machine is. */
const local = ({ at }: LogEntry): string => {
  const date = new Date(at);
  return `${date.getFullYear()}-${date.getMonth() + 1}-${date.getDate()} ${date.getHours()}:${date.getMinutes()}`;
};

/** One of every kind, with all that a cell can trip over. */
const EVERY_KIND: readonly LogEntry[] = [
  { ...common, kind: 'flow', moment: 'clean', jugVolume: 2e-3, seconds: [12.1, 12.4] },
  { ...common, kind: 'repacked', note: '=SUM(A1)' },
  {
    ...common,
    ...{ kind: 'test', ammonia: 0.25e-3, nitrite: null, nitrate: 4.5e-3, pH: 7.2, scale: 'ion' },
    note: 'He said "clear",\r\nthen left; +1',
  },
  { ...common, kind: 'water change', share: 0.3, dechlorinated: false },
  { ...common, kind: 'addition', what: 'new wood' },
  { ...common, kind: 'cloudy', rinsed: 'no' },
  { ...common, kind: 'look', seen: ['noise', 'brown water'] },
  { ...common, kind: 'level', headroom: 0.0123 },
  {
    ...common,
    kind: 'service',
    works: [
      { layerId: 'pad-1', work: 'squeezed' },
      { layerId: null, work: 'hoses brushed' },
    ],
    flowWas: 'low',
  },
  { ...common, kind: 'top-up', volume: 1.5e-3 },
  { ...common, kind: 'change', what: 'feeding', note: '-50 %' },
  { ...common, kind: 'fault', symptom: 'weak flow', causes: ['The first foam is full'] },
  { ...common, kind: 'snooze', item: 'visit f', until: '2026-03-20', note: 'The new pads come on Monday' },
  { ...common, kind: 'note', note: '@home' },
];

describe('a log as CSV', () => {
  it('comes in again as it went out, of every kind', () => {
    const back = read(writeLogCsv(EVERY_KIND));
    expect(back.faults).toEqual([]);
    expect(anonymous(back.entries)).toEqual(anonymous(EVERY_KIND));
  });

  it('comes in again as it went out, fourteen months of it', () => {
    for (const { log, filter } of demoContent(NOW)) {
      const back = read(writeLogCsv(log));
      expect(back.faults).toEqual([]);
      expect(back.entries).toHaveLength(log.length);
      back.entries.forEach((entry, place) => {
        const sent = log[place]!;
        expect(entry).toMatchObject({ kind: sent.kind, at: sent.at, note: sent.note });
        if (entry.kind === 'flow' && sent.kind === 'flow')
          entry.seconds.forEach((time, filling) => expect(time).toBeCloseTo(sent.seconds[filling]!, 9));
      });
      expect(filter.id).not.toBe('');
    }
  });

  it('is CSV by RFC 4180, and no cell of it is a formula', () => {
    const text = writeLogCsv(EVERY_KIND);
    // RFC 4180, 2: records end in CRLF, quotes are doubled within quotes, every record has as many fields.
    expect(text.endsWith('\r\n')).toBe(true);
    expect(text).toContain('"He said ""clear"",\r\nthen left; +1"');
    const { data, errors } = Papa.parse<string[]>(text.trimEnd());
    expect(errors).toEqual([]);
    expect(new Set(data.map((row) => row.length)).size).toBe(1);
    for (const cell of data.flat()) expect(cell).not.toMatch(/^[=+\-@]/);
  });
});

describe('a keeper’s own sheet', () => {
  it('is read by its headings: a row of a day may be a test, a water change and a flow', () => {
    const { entries, faults } = read(
      'Date,NH4 (ppm),NO2,Nitrate NO3 mg/l,pH,Water change %,Flow l/h,Notes\n2026-03-01,0.5,0.1,20,7.4,30,640,weekly\n',
    );
    expect(faults).toEqual([]);
    const [test, flow, change] = entries;
    expect(entries.map(({ kind, note }) => [kind, note])).toEqual([
      ['test', 'weekly'],
      ['flow', ''],
      ['water change', ''],
    ]);
    // 0.5 mg NH4 holds 0.5 · 14.007/18.039 mg N, 20 mg NO3 hold 20 · 14.007/62.004 mg N (IUPAC atomic weights).
    expect(test).toMatchObject({ scale: 'ion', pH: 7.4 });
    if (test?.kind !== 'test' || flow?.kind !== 'flow') throw new Error('Other kinds.');
    expect(test.ammonia).toBeCloseTo((0.5e-3 * 14.007) / 18.039, 7);
    expect(test.nitrate).toBeCloseTo((20e-3 * 14.007) / 62.004, 6);
    expect((flow.jugVolume / flow.seconds[0]!) * 3600e3).toBeCloseTo(640, 6);
    expect(change).toMatchObject({ share: 0.3, dechlorinated: true });
  });

  it('may have commas for points, semicolons between cells, groups, and units of its own', () => {
    const { entries, faults } = read(
      'Datum;Flow;Topped up;Bemerkung\r\n1.3.2026;1.040,5;2,5;\r\n2.3.2026 18:20;250 gph;;späte Messung\r\n',
    );
    expect(faults).toEqual([]);
    const flows = entries.filter((entry) => entry.kind === 'flow');
    const litres = flows.map(({ jugVolume, seconds }) => (jugVolume / seconds[0]!) * 3600e3);
    // 1 US gal = 231 in³ = 3.785412 L (NIST Handbook 44, appendix C).
    expect(litres[0]).toBeCloseTo(1040.5, 6);
    expect(litres[1]).toBeCloseTo(250 * 3.785412, 3);
    expect(entries.find(({ kind }) => kind === 'top-up')).toMatchObject({ volume: 2.5e-3 });
    expect(local(flows[1]!)).toBe('2026-3-2 18:20');
  });

  it.each([
    ['with the day first', '1/3/2026', '14/3/2026', ['2026-3-1 12:0', '2026-3-14 12:0']],
    ['with the month first', '3/1/2026', '3/14/2026', ['2026-3-1 12:0', '2026-3-14 12:0']],
    ['as ISO', '2026-03-01', '2026-03-14 09:05', ['2026-3-1 12:0', '2026-3-14 9:5']],
    ['with dots', '01.03.26', '14.03.2026, 21:30', ['2026-3-1 12:0', '2026-3-14 21:30']],
    ['with an American clock', '3/1/2026 9:05 pm', '3/14/26', ['2026-3-1 21:5', '2026-3-14 12:0']],
  ])('has dates %s', (_, first, second, expected) => {
    const { entries, faults } = read(`date,note\n"${first}",a\n"${second}",b\n`);
    expect(faults).toEqual([]);
    expect(entries.map(local)).toEqual(expected);
  });

  it('may mix three forms of dates, and a time of its own column', () => {
    const { entries } = read('when,time,note\n2026-03-01,8:00,a\n2.3.2026,,b\n3/4/2026,19:15,c\n');
    expect(entries.map(local)).toEqual(['2026-3-1 8:0', '2026-3-2 12:0', '2026-4-3 19:15']);
  });

  it.each([
    ['a date that is none', '30.2.2026,640', /^Row 2: “30.2.2026” is not a date/],
    ['no date', ',640', /^Row 2: the date is missing/],
    ['words in a number', '1.3.2026,a lot', /^Row 2: “a lot” is not a number for flow/],
    ['a unit of something else', '1.3.2026,640 kg', /^Row 2: “kg” is not a unit for flow/],
    ['a flow of nothing', '1.3.2026,0', /^Row 2: the flow must be more than 0/],
    ['nothing but a date', '1.3.2026,', /^Row 2: there is only a date/],
    ['what no filter does', '1.3.2026,0.0001', /^Row 2: seconds 1: Time to the mark/],
  ])('has its bad rows told by number and reason: %s', (_, row, said) => {
    const { entries, badRows, faults } = read(`date,flow\n${row}\n`);
    expect(entries).toEqual([]);
    expect(badRows).toBe(1);
    expect(faults[0]).toMatch(said);
  });

  it('tells rows by their number in the file, empty ones counted', () => {
    expect(read('\ndate,flow\n\n,,\n1.3.2026,much\n').faults).toEqual([
      'Row 5: “much” is not a number for flow.',
    ]);
  });

  it('without a date is asked for one', () => {
    expect(read('flow,note\n640,a\n').faults).toEqual(['Choose the column that holds the date.']);
  });

  it('can be taken otherwise than was guessed', () => {
    const { entries } = read('date,x\n2026-03-01,12\n', (mapping) => ({
      ...mapping,
      columns: [mapping.columns[0] ?? null, { field: 'headroom', unit: 1 }],
    }));
    expect(entries[0]).toMatchObject({ kind: 'level', headroom: 0.012 });
  });

  it('refuses a row with a cell of more than 64 kB, names it, and keeps nothing of what it says', () => {
    const { entries, faults } = read(
      `date,flow L/h,note\n2026-03-01,640,${'9'.repeat(65_537)}\n2026-03-02,630,b\n`,
    );
    expect(faults).toEqual(['Row 2: a cell holds more than 64 kB. Shorten it.']);
    expect(entries).toHaveLength(1);
  });

  it('of 200,000 rows with one in twenty bad is read to its end', () => {
    const rows = Array.from({ length: 200_000 }, (_, index) =>
      index % 20 === 7
        ? `2026-03-01,much`
        : `2026-03-${String((index % 28) + 1).padStart(2, '0')},${600 + (index % 90)}`,
    );
    const { entries, badRows, faults } = read(`date,flow L/h\n${rows.join('\n')}\n`);
    expect(badRows).toBe(10_000);
    expect(entries).toHaveLength(190_000);
    expect(faults).toHaveLength(50);
    expect(faults[0]).toBe('Row 9: “much” is not a number for flow.');
  });
});

describe('the bytes of a file', () => {
  const text = 'date,note\n2026-03-01,Größe 5 µm\n';
  const utf16 = (big: boolean): Uint8Array => {
    const bytes = Buffer.from(`\uFEFF${text}`, 'utf16le');
    return big ? bytes.swap16() : bytes;
  };
  it.each([
    ['UTF-8', Buffer.from(text)],
    ['UTF-8', Buffer.from(`\uFEFF${text}`)],
    ['UTF-16', utf16(false)],
    ['UTF-16', utf16(true)],
    ['UTF-16', Buffer.from(text, 'utf16le')],
    ['Windows-1252', Buffer.from(text, 'latin1')],
  ] as const)('are read in %s', (encoding, bytes) => {
    const decoded = decodeText(bytes);
    expect(decoded.encoding).toBe(encoding);
    expect(read(decoded.text).entries[0]?.note).toBe('Größe 5 µm');
  });
});
