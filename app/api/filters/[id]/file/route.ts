import { neatLayerFileName, writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { answer } from '@/server/answer';
import { sentAs } from '@/server/sentAs';
import { readFilterContent } from '@/store/filterFiles';

export const GET = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const content = readFilterContent(db, (await params).id);
    return sentAs(
      writeNeatLayerFile(content),
      'application/json; charset=utf-8',
      neatLayerFileName(content.filter.name),
    );
  });
