import type { Template } from '@/core/prepare/templates';
import { newPdf, POINT } from '../newPdf';
import { CHECK_BAR, MARGIN_MM, OVERLAP, PAPERS, type Paper } from './paper';
import { tilesOf, type Tile } from './tiles';

const [LINE, FINE] = [0.3, 0.15];
/** Sizes of words on the page, mm. */
const [TITLE, SMALL] = [4.2, 3.2];

/** Templates as a PDF at their true size, one after the other, each on as many pages as it needs. */
export async function templatePdf(
  templates: readonly Template[],
  paper: Paper,
  title: string,
): Promise<Buffer> {
  const { doc, whole } = newPdf(paper, title);
  for (const template of templates)
    for (const tile of tilesOf(template, paper)) {
      doc.addPage();
      doc.font('text');
      doc.save().scale(POINT);
      drawTile(doc, template, tile);
      drawFoot(doc, template, tile, paper, title);
      doc.restore();
    }
  doc.end();
  return whole;
}

function drawTile(doc: PDFKit.PDFDocument, { paths, marks, width }: Template, tile: Tile): void {
  doc.save();
  doc.rect(MARGIN_MM, MARGIN_MM, tile.width, tile.height).clip();
  doc.translate(MARGIN_MM - tile.x, MARGIN_MM - tile.y);
  doc.lineWidth(LINE).strokeColor('#000000');
  for (const outline of paths) doc.path(outline).stroke();
  doc.fontSize(SMALL).fillColor('#000000');
  for (const { y, label } of marks) {
    doc.moveTo(0, y).lineTo(width, y).stroke();
    doc.text(label, width + 2, y - SMALL / 2, { lineBreak: false });
  }
  doc.restore();
  // Where the next page is glued on.
  doc.lineWidth(FINE).dash(1.5, { space: 1.5 }).strokeColor('#666666');
  if (tile.column > 0) upright(doc, MARGIN_MM + OVERLAP, tile.height);
  if (tile.column < tile.columns - 1) upright(doc, MARGIN_MM + tile.width - OVERLAP, tile.height);
  if (tile.row > 0) level(doc, MARGIN_MM + OVERLAP, tile.width);
  if (tile.row < tile.rows - 1) level(doc, MARGIN_MM + tile.height - OVERLAP, tile.width);
  doc.undash();
}

const upright = (doc: PDFKit.PDFDocument, x: number, length: number) =>
  doc
    .moveTo(x, MARGIN_MM)
    .lineTo(x, MARGIN_MM + length)
    .stroke();
const level = (doc: PDFKit.PDFDocument, y: number, length: number) =>
  doc
    .moveTo(MARGIN_MM, y)
    .lineTo(MARGIN_MM + length, y)
    .stroke();

function drawFoot(
  doc: PDFKit.PDFDocument,
  { name, note }: Template,
  tile: Tile,
  paper: Paper,
  title: string,
): void {
  const top = MARGIN_MM + tile.height + 6;
  doc.lineWidth(LINE).strokeColor('#000000').fillColor('#000000');
  doc
    .moveTo(MARGIN_MM, top)
    .lineTo(MARGIN_MM + CHECK_BAR, top)
    .stroke();
  for (const x of [MARGIN_MM, MARGIN_MM + CHECK_BAR])
    doc
      .moveTo(x, top - 2)
      .lineTo(x, top + 2)
      .stroke();
  const words = { width: PAPERS[paper].width - 2 * MARGIN_MM, lineBreak: true, height: 9, ellipsis: true };
  doc.fontSize(SMALL);
  doc.text(
    'Measure this bar. If it is not 100 mm long, print again at 100 %.',
    MARGIN_MM + CHECK_BAR + 3,
    top - 2,
    {
      width: tile.width - CHECK_BAR - 3,
      height: 9,
    },
  );
  doc.fontSize(TITLE).text(`${title} · ${name}`, MARGIN_MM, top + 5, { ...words, height: 6 });
  const page =
    tile.columns * tile.rows > 1
      ? ` Page ${tile.row * tile.columns + tile.column + 1} of ${tile.columns * tile.rows}: row ${tile.row + 1}, column ${tile.column + 1}; match up the dashed lines.`
      : '';
  doc.fontSize(SMALL).text(`${note}${page}`, MARGIN_MM, top + 11, words);
}
