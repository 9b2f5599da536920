import { cardMarkdown } from '@/formats/card/cardMarkdown';
import { cardPdf } from '@/formats/card/cardPdf';
import { cardText } from '@/formats/card/cardText';
import { FILE_ENDING } from '@/formats/fileLimits';
import { PAPERS, type Paper } from '@/formats/templates/paper';
import { neatLayerFileName } from '@/formats/writeNeatLayerFile';
import { answer } from '@/server/answer';
import { loadPackCard } from '@/server/loadPackCard';
import { readingHabits } from '@/server/readingHabits';
import { NotFoundError } from '@/store/errors';

/** The pack card of a filter: a PDF on a paper (`?paper=a4`), or Markdown (`?as=markdown`). */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { filter, layers, card } = loadPackCard(db, (await params).id);
    const text = cardText(card, await readingHabits());
    const asked = new URL(request.url).searchParams;
    const file = (body: BodyInit, type: string, ending: string): Response =>
      new Response(body, {
        headers: {
          'content-type': type,
          'content-disposition': `attachment; filename="${neatLayerFileName(filter.name).replace(FILE_ENDING, '')}-card.${ending}"`,
        },
      });
    if (asked.get('as') === 'markdown') return file(cardMarkdown(text), 'text/markdown; charset=utf-8', 'md');
    const paper = asked.get('paper') ?? 'a4';
    if (!Object.hasOwn(PAPERS, paper)) throw new NotFoundError('paper');
    const pdf = await cardPdf(text, filter, layers, paper as Paper);
    return file(new Uint8Array(pdf), 'application/pdf', 'pdf');
  });
