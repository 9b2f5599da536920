import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { answer, readBody } from '@/server/answer';
import { InvalidError } from '@/store/errors';
import { addFilterContent } from '@/store/filterFiles';

/** Adds the filter of a `*.neatlayer.json`, given as text. */
export const POST = (request: Request) =>
  answer(async (db) => {
    const { text } = await readBody(request);
    const read = readNeatLayerFile(typeof text === 'string' ? text : '');
    if (!read.ok) throw new InvalidError(read.faults);
    return addFilterContent(db, read.file);
  });
