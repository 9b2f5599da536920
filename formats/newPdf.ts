import path from 'node:path';
import PDFDocument from 'pdfkit';
import { PAPERS, type Paper } from './templates/paper';

/** Points in a millimetre. */
export const POINT = 72 / 25.4;
const font = (weight: number): string =>
  path.join(
    process.cwd(),
    `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`,
  );

/** A PDF without pages on a paper, in the app’s own type (`text`, `bold`), and the whole of it once it has ended. */
export function newPdf(paper: Paper, title: string): { doc: PDFKit.PDFDocument; whole: Promise<Buffer> } {
  const { width, height } = PAPERS[paper];
  const doc = new PDFDocument({
    size: [width * POINT, height * POINT],
    margin: 0,
    autoFirstPage: false,
    info: { Title: title },
  });
  const parts: Buffer[] = [];
  const whole = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (part: Buffer) => parts.push(part));
    doc.on('end', () => resolve(Buffer.concat(parts)));
    doc.on('error', reject);
  });
  doc.registerFont('text', font(400));
  doc.registerFont('bold', font(700));
  return { doc, whole };
}
