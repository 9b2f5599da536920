import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { placeLayers } from '@/core/layers/placeLayers';
import { chamberRect, drawnExtent, layerRects, type Rect } from '@/core/drawing/vesselGeometry';
import { newPdf, POINT } from '../newPdf';
import { MARGIN_MM, PAPERS, type Paper } from '../templates/paper';
import { CHAMBERS_TITLE, VISITS_TITLE, type CardText } from './cardText';
import { sum } from '@/core/maths/sum';

/** Sizes of words, mm. */
const [TITLE, HEAD, TEXT] = [8, 4.8, 3.9];
/** Height of a row of the table, mm, and what is left between parts. */
const [ROW, GAP] = [12, 5];
/** Room for the drawing beside the text, mm. */
const DRAWING = { width: 46, height: 78 };
/** Words on the large drawing of the second page, mm. */
const LARGE_TEXT = 7;
/** Widths of the columns as shares of the table. */
const SHARES = [0.1, 0.08, 0.22, 0.17, 0.12, 0.13, 0.18];
const [LINE, FINE] = [0.4, 0.2];

/**
 * The card of a pack: a page with the filter cut open, its layers in packing order and when what is due, and a page with the
 * drawing alone, large enough to be read from where one kneels.
 */
export async function cardPdf(
  text: CardText,
  filter: Filter,
  layers: readonly Layer[],
  paper: Paper,
): Promise<Buffer> {
  const { width, height } = PAPERS[paper];
  const { doc, whole } = newPdf(paper, text.title);
  doc.addPage();
  doc.scale(POINT).fillColor('#000000').strokeColor('#000000');
  const wide = width - 2 * MARGIN_MM;
  let y = MARGIN_MM;
  /** Writes lines below each other, and stops above the page’s foot. */
  const write = (
    lines: readonly string[],
    size: number,
    font: 'text' | 'bold',
    left: number,
    room: number,
  ) => {
    for (const line of lines) {
      doc.font(font).fontSize(size);
      const tall = doc.heightOfString(line, { width: room });
      if (y + tall > height - MARGIN_MM) return;
      doc.text(line, left, y, { width: room });
      y += tall + 1;
    }
  };
  const drawnAt = MARGIN_MM + wide - DRAWING.width;
  drawFilter(doc, filter, layers, { x: drawnAt, y: MARGIN_MM, ...DRAWING }, TEXT);
  const beside = wide - DRAWING.width - GAP;
  write([text.title], TITLE, 'bold', MARGIN_MM, beside);
  write([text.subtitle, ...text.lines], TEXT, 'text', MARGIN_MM, beside);
  y += GAP;
  write([VISITS_TITLE], HEAD, 'bold', MARGIN_MM, beside);
  write([...text.visits, text.note], TEXT, 'text', MARGIN_MM, beside);
  y += GAP;
  write([CHAMBERS_TITLE], HEAD, 'bold', MARGIN_MM, beside);
  write([...text.chambers, text.spares], TEXT, 'text', MARGIN_MM, beside);
  y = Math.max(y + GAP, MARGIN_MM + DRAWING.height + GAP);
  y = drawTable(doc, text, y, wide, height - MARGIN_MM) + GAP;
  write(['Take care'], HEAD, 'bold', MARGIN_MM, wide);
  write(text.cautions, TEXT, 'text', MARGIN_MM, wide);
  doc.addPage();
  doc.scale(POINT).fillColor('#000000').strokeColor('#000000');
  y = MARGIN_MM;
  write([text.title], TITLE, 'bold', MARGIN_MM, wide);
  y += GAP;
  drawFilter(
    doc,
    filter,
    layers,
    { x: MARGIN_MM, y, width: wide, height: height - MARGIN_MM - y },
    LARGE_TEXT,
  );
  doc.end();
  return whole;
}

/** Draws as many rows as the page holds, as high as the room allows. @returns where the table ends, mm */
function drawTable(
  doc: PDFKit.PDFDocument,
  { columns, rows }: CardText,
  top: number,
  wide: number,
  end: number,
): number {
  const lefts = SHARES.map((_, at) => MARGIN_MM + wide * sum(SHARES.slice(0, at)));
  const high = Math.min(ROW, (end - top) / (rows.length + 1));
  const size = Math.min(TEXT, high / 2.9);
  const line = (cells: readonly string[], y: number, font: 'text' | 'bold') =>
    cells.forEach((cell, at) => {
      doc
        .font(font)
        .fontSize(size)
        .text(cell, lefts[at], y + 1, {
          width: wide * SHARES[at]! - 1.5,
          height: high - 1,
          ellipsis: true,
        });
    });
  [columns, ...rows].forEach((cells, at) => {
    const y = top + at * high;
    line(cells, y, at === 0 ? 'bold' : 'text');
    doc
      .lineWidth(at === 0 ? LINE : FINE)
      .moveTo(MARGIN_MM, y + high)
      .lineTo(MARGIN_MM + wide, y + high)
      .stroke();
  });
  return top + (rows.length + 1) * high;
}

/** The filter cut open, to scale, each layer with its number in flow order and its letter. */
function drawFilter(
  doc: PDFKit.PDFDocument,
  filter: Filter,
  layers: readonly Layer[],
  room: Rect,
  text: number,
): void {
  const extent = drawnExtent(filter);
  const scale = Math.min(room.width / extent.width, room.height / filter.body.height);
  const box = ({ x, y, width, height }: Rect) =>
    [
      room.x + (x - extent.left) * scale,
      room.y + (filter.body.height - y - height) * scale,
      width * scale,
      height * scale,
    ] as const;
  doc.lineWidth(LINE);
  doc.rect(...box({ x: 0, y: 0, ...filter.body })).stroke();
  doc.lineWidth(FINE);
  filter.chambers.forEach((chamber) => doc.rect(...box(chamberRect(chamber))).stroke());
  placeLayers(filter, layers).forEach(({ layer, chamber, measure, medium }, index) =>
    layerRects(chamber, measure, layer.cut?.length ?? null).forEach((rect, part) => {
      const [x, y, wide, high] = box(rect);
      doc.lineWidth(LINE).rect(x, y, wide, high).fillAndStroke('#e4e4e4', '#000000');
      if (part > 0) return;
      const size = Math.min(text, Math.max(1.5, high * 0.8));
      doc
        .fillColor('#000000')
        .font('bold')
        .fontSize(size)
        .text(
          text > TEXT ? `${index + 1} ${medium.name}` : `${index + 1} ${medium.letter}`,
          x + 1,
          y + (high - size) / 2,
          { lineBreak: false },
        );
    }),
  );
}
