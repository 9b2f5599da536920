import { neatLayerFileName, writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { answer } from '@/server/answer';
import { readFilterContent } from '@/store/filterFiles';

export const GET = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const content = readFilterContent(db, (await params).id);
    return new Response(writeNeatLayerFile(content), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${neatLayerFileName(content.filter.name)}"`,
      },
    });
  });
