import { neatLayerFileName } from '@/formats/writeNeatLayerFile';
import { FILE_ENDING } from '@/formats/fileLimits';
import { PAPERS, type Paper } from '@/formats/templates/paper';
import { templatePdf } from '@/formats/templates/templatePdf';
import { templateSvg } from '@/formats/templates/templateSvg';
import { answer } from '@/server/answer';
import { planTemplates } from '@/server/planTemplates';
import { NotFoundError } from '@/store/errors';

/** The templates of a plan: a PDF on a paper (`?paper=a4`), or one of them as SVG (`?shape=0`). */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { filter, templates } = planTemplates(db, (await params).id);
    const asked = new URL(request.url).searchParams;
    const name = neatLayerFileName(filter.name).replace(FILE_ENDING, '');
    const file = (body: BodyInit, type: string, ending: string): Response =>
      new Response(body, {
        headers: {
          'content-type': type,
          'content-disposition': `attachment; filename="${name}-templates.${ending}"`,
        },
      });
    const shape = asked.get('shape');
    if (shape !== null) {
      const template = templates[Number(shape)];
      if (template === undefined) throw new NotFoundError('template');
      return file(templateSvg(template), 'image/svg+xml; charset=utf-8', `${Number(shape) + 1}.svg`);
    }
    const paper = asked.get('paper') ?? 'a4';
    if (!Object.hasOwn(PAPERS, paper)) throw new NotFoundError('paper');
    const pdf = await templatePdf(templates, paper as Paper, filter.name);
    return file(new Uint8Array(pdf), 'application/pdf', 'pdf');
  });
