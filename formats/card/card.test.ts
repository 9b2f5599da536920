import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { packCard } from '@/core/card/packCard';
import { cardMarkdown } from './cardMarkdown';
import { cardPdf } from './cardPdf';
import { cardText } from './cardText';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Cellar | two');
const layers = [
  { ...plainLayer('coarse', 'foam-15', 'tray-4', 0.03), installedOn: '2026-03-01' },
  plainLayer('stone', 'lava', 'tray-1', 0.05),
];
const squeeze = { works: [{ layerId: 'coarse', work: 'squeeze' as const }], minutes: 20.4 };
const textOf = (
  system: 'metric' | 'us' = 'metric',
  of = layers,
  on = filter,
  visits: Parameters<typeof packCard>[0]['visits'] = [{ ...squeeze, on: '2026-12-25', inDays: 29 }],
) =>
  cardText(
    packCard({
      filter: on,
      tank: 'Hall tank',
      assumedFood: null,
      spares: ['impeller', 'lid seal'],
      layers: of,
      packedAt: '2026-11-25T14:00:00Z',
      clean: 1e-4,
      visits,
      lampFrom: '2026-12-16T14:00:00Z',
    }),
    { system, locale: 'en-GB' },
  );

describe('the pack card in words', () => {
  it('lists what went in first, and where the water meets it', () => {
    expect(textOf().rows).toEqual([
      ['1', '2', 'Lava rock, 15 mm', 'Bottom tray', '5.0 cm', 'not known', 'not within a year'],
      ['2', '1', 'Coarse foam, 15 ppi', 'Top tray', '3.0 cm', '1 Mar 2026', 'squeeze about 25 Dec 2026'],
    ]);
    // By hand: 0.1 L/s is 360 L/h, 60 % of it 216; two litres then take 33.3 s.
    expect(textOf().lines[0]).toBe(
      'Clean flow 360 L/h. Service at 216 L/h: filling 2.00 L then takes 33.3 s.',
    );
    expect(textOf().lines[1]).toBe('UV lamp off until 16 Dec 2026.');
    expect(textOf().visits).toEqual(['About 25 Dec 2026: squeeze layer 1; 20 min.']);
    expect(textOf('us').rows[0]?.[4]).toMatch(/in/);
  });

  // By hand: trays of 19 by 19 cm, 5 cm of lava at 700 kg/m³ poured and 3 cm of foam.
  it('says what lies in each chamber, the one packed first first, and what spares there are', () => {
    expect(textOf().chambers).toEqual([
      expect.stringMatching(/^Bottom tray: 1\.8[01] L, 1\.2\d kg dry\.$/),
      expect.stringMatching(/^Top tray: 1\.08 L, 0\.0\d kg dry\.$/),
    ]);
    expect(textOf().spares).toBe('Spare parts on the shelf: impeller and lid seal.');
  });

  it('goes by the flow where the flow tells, and by dates where water can go past the media', () => {
    expect(textOf().note).toMatch(/If the flow drops sooner/);
    const hanging = presetFilter('hang-on-back-basket', { id: 'h', tankId: 't' }, 'Hall');
    const card = textOf('metric', [plainLayer('coarse', 'foam-15', 'basket', 0.03)], hanging);
    expect(card.lines[0]).toMatch(/Go by the dates/);
    expect(card.note).toBe('Layers are numbered in flow order.');
    expect(cardMarkdown(card)).not.toMatch(/flow drops/);
  });

  it('says what is late, what is only a look, and why there are no dates', () => {
    const told = (visits: Parameters<typeof packCard>[0]['visits']) =>
      textOf('metric', layers, filter, visits);
    expect(
      told([
        { ...squeeze, on: '2026-11-20', inDays: -6 },
        { works: [], minutes: 5, on: '2027-02-20', inDays: 86 },
      ]).visits,
    ).toEqual([
      'Due since about 20 Nov 2026: squeeze layer 1; 20 min.',
      'About 20 Feb 2027: look into the filter; 5 min.',
    ]);
    expect(told('no pack').visits).toEqual(['No dates: finish a repack first.']);
    expect(told('working').rows[0]?.at(-1)).toBe('not known');
  });

  it('is a table in Markdown that no name can break', () => {
    const lines = cardMarkdown(textOf()).split('\n');
    expect(lines[0]).toBe('# Cellar \\| two');
    const table = lines.filter((line) => line.startsWith('|'));
    expect(table).toHaveLength(4);
    // Columns of a table of GitHub’s Markdown: as many bars in every row.
    expect(new Set(table.map((line) => line.split('|').length)).size).toBe(1);
  });

  it('reads what a keeper named as words: no link, tag or emphasis', () => {
    const card = { ...textOf(), title: '[Ark](http://x) <b>*', spares: 'A `seal`_s\n# two' };
    const lines = cardMarkdown(card).split('\n');
    expect(lines[0]).toBe('# \\[Ark\\](http://x) \\<b\\>\\*');
    expect(lines).toContain('A \\`seal\\`\\_s \\# two');
  });
});

describe('the pack card on paper', () => {
  const read = async (of = layers, paper: 'a4' | 'letter' = 'a4') => {
    const pdf = await cardPdf(textOf('metric', of), filter, of, paper);
    return getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  };
  const wordsOn = async (page = 1): Promise<string> => {
    const content = await (await (await read()).getPage(page)).getTextContent();
    return content.items.map((item) => ('str' in item ? item.str : '')).join(' ');
  };

  it('is two pages of its paper, says what the card says, and draws the filter large on the second', async () => {
    const file = await read();
    expect(file.numPages).toBe(2);
    const [, , width, height] = (await file.getPage(1)).view;
    // A4 is 210 × 297 mm (ISO 216), 72 points in 25.4 mm.
    expect([width! / 72, height! / 72].map((inch) => Math.round(inch * 25.4))).toEqual([210, 297]);
    const words = await wordsOn();
    for (const text of ['Cellar | two', 'Lava rock, 15 mm', 'squeeze about', 'Clean flow 360', '1 C', '2 L'])
      expect(words.replaceAll(/\s+/g, ' ')).toContain(text);
    expect(await wordsOn(2)).toMatch(/1 Coarse foam, 15 ppi[\s\S]*2 Lava rock, 15 mm/);
  });

  it('stays two pages with the most layers a pack has', async () => {
    const many = Array.from({ length: 60 }, (_, at) => plainLayer(`l${at}`, 'foam-15', 'tray-1', 0.01));
    expect((await read(many, 'letter')).numPages).toBe(2);
  });
});
