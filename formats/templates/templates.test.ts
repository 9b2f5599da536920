import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { cutPieces } from '@/core/cut/cutPieces';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import {
  chamberTemplate,
  outlinePath,
  pieceTemplates,
  sleeveTemplates,
  stripTemplate,
  type Template,
} from '@/core/prepare/templates';
import { CHECK_BAR, PAPERS, type Paper } from './paper';
import { templatePdf } from './templatePdf';
import { templateSvg } from './templateSvg';
import { roomOn, tilesOf } from './tiles';

const tray = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('a', 'foam-30', 'tray-4', 0.03), plainLayer('b', 'floss-bonded', 'tray-4', 0.02)];
const pieces = cutPieces(tray, layers, () => []);

type Matrix = readonly number[];
const times = ([a, b, c, d, e, f]: Matrix, [g, h, i, j, k, l]: Matrix): number[] => [
  a! * g! + c! * h!,
  b! * g! + d! * h!,
  a! * i! + c! * j!,
  b! * i! + d! * j!,
  a! * k! + c! * l! + e!,
  b! * k! + d! * l! + f!,
];

/** Sizes of all paths on each page of a PDF, mm, and the size of the page. */
async function measured(pdf: Buffer) {
  const { promise } = getDocument({ data: new Uint8Array(pdf), verbosity: 0 });
  const doc = await promise;
  return Promise.all(
    Array.from({ length: doc.numPages }, async (_, index) => {
      const page = await doc.getPage(index + 1);
      const { fnArray, argsArray } = await page.getOperatorList();
      const text = (await page.getTextContent()).items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ');
      let matrix: Matrix = [1, 0, 0, 1, 0, 0];
      const kept: Matrix[] = [];
      const paths: { width: number; height: number }[] = [];
      fnArray.forEach((operation, at) => {
        const args = argsArray[at] as unknown[];
        if (operation === OPS.save) kept.push(matrix);
        else if (operation === OPS.restore) matrix = kept.pop() ?? matrix;
        else if (operation === OPS.transform) matrix = times(matrix, args as number[]);
        else if (operation === OPS.constructPath) {
          const [left, bottom, right, top] = args[2] as number[];
          const millimetre = 72 / 25.4;
          paths.push({
            width: Math.abs((right! - left!) * matrix[0]!) / millimetre,
            height: Math.abs((top! - bottom!) * matrix[3]!) / millimetre,
          });
        }
      });
      const [, , width, height] = page.view;
      return { paths, text, width: (width! * 25.4) / 72, height: (height! * 25.4) / 72 };
    }),
  );
}

const near = (size: number, of: number): boolean => Math.abs(size - of) < 0.05;

describe('templates', () => {
  it('draw an outline as it is, in millimetres', () => {
    expect(outlinePath({ form: 'rectangle', length: 0.1, width: 0.05, corner: 0.01, notch: null })).toBe(
      'M10 0H90A10 10 0 0 1 100 10V40A10 10 0 0 1 90 50H10A10 10 0 0 1 0 40V10A10 10 0 0 1 10 0Z',
    );
    expect(
      outlinePath({
        form: 'rectangle',
        length: 0.1,
        width: 0.05,
        corner: 0,
        notch: { width: 0.04, depth: 0.01 },
      }),
    ).toBe('M0 0H30v10h40v-10H100V50H0Z');
    expect(outlinePath({ form: 'disc', diameter: 0.1, bore: 0.02 })).toContain('A10 10');
  });

  it('are one a shape, with the layers that it is for', () => {
    const two = cutPieces(tray, [...layers, plainLayer('c', 'foam-30', 'tray-3', 0.03)], () => []);
    expect(pieceTemplates(two).map(({ name }) => name)).toEqual([
      '1 Medium foam, 30 ppi; 3 Medium foam, 30 ppi',
      '2 Bonded floss pad',
    ]);
    const sponge = presetFilter('internal-sponge', { id: 's', tankId: 't' }, 'Test');
    expect(sleeveTemplates(sponge).map(({ name }) => name)).toEqual([expect.stringMatching(/closed end/)]);
    // Nothing is added to the template of a chamber.
    const face = tray.chambers[0]!;
    if (face.shape.form !== 'box') throw new Error('A tray is a box.');
    expect(chamberTemplate(face)).toMatchObject({
      width: face.shape.length * 1000,
      height: face.shape.width * 1000,
    });
  });

  // Source: the file read back by a PDF reader (pdf.js) and measured.
  it.each(['a4', 'letter'] as const)(
    'are true to size on %s, with a bar of 100 mm on every page',
    async (paper) => {
      const small: Template = {
        name: 'Small',
        note: '',
        width: 120,
        height: 80,
        paths: ['M0 0H120V80H0Z'],
        marks: [],
      };
      const large: Template = {
        ...small,
        name: 'Large',
        width: 400,
        height: 300,
        paths: ['M0 0H400V300H0Z'],
      };
      const pages = await measured(await templatePdf([small, large], paper, 'Test'));
      expect(pages).toHaveLength(1 + tilesOf(large, paper).length);
      for (const { paths, width, height, text } of pages) {
        expect([near(width, PAPERS[paper].width), near(height, PAPERS[paper].height)]).toEqual([true, true]);
        expect(paths.some((found) => near(found.width, CHECK_BAR) && found.height < 0.01)).toBe(true);
        expect(text).toMatch(/Measure this bar/);
      }
      expect(pages[0]!.paths.some((found) => near(found.width, 120) && near(found.height, 80))).toBe(true);
      expect(pages[1]!.paths.some((found) => near(found.width, 400) && near(found.height, 300))).toBe(true);
      expect(pages[1]!.text).toMatch(/Page 1 of \d: row 1, column 1/);
    },
  );

  it('say the millimetres in an SVG file', () => {
    const [template] = pieceTemplates(pieces);
    const text = templateSvg(template!);
    const width = Number(/ width="([\d.]+)mm"/.exec(text)?.[1]);
    const box = /viewBox="-8 -8 ([\d.]+) ([\d.]+)"/.exec(text);
    // One unit is one millimetre.
    expect(width).toBe(Number(box?.[1]));
    expect(text).toContain(`h${CHECK_BAR}M`);
    expect(text).toContain(template!.paths[0]);
    expect(templateSvg({ ...template!, name: 'a < b & c' })).toContain('a &lt; b &amp; c');
  });

  it.each(['a4', 'letter'] as Paper[])(
    'cover the whole of a large shape with overlapping tiles on %s',
    (paper) => {
      const size = { width: 431, height: 517 };
      const tiles = tilesOf(size, paper);
      expect(Math.max(...tiles.map(({ x, width }) => x + width))).toBeGreaterThanOrEqual(size.width);
      expect(Math.max(...tiles.map(({ y, height }) => y + height))).toBeGreaterThanOrEqual(size.height);
      expect(tiles[1]!.x).toBeLessThan(roomOn(paper).width);
    },
  );

  it('mark a level strip where the water in front of this pack is', () => {
    const strip = stripTemplate({ clean: 0.025, service: 0.012, length: 0.045, tooClose: false });
    expect(strip.marks).toEqual([
      { y: 0, label: 'spills' },
      { y: 12, label: 'service' },
      { y: 25, label: 'clean' },
    ]);
    expect(strip.height).toBe(45);
  });
});
