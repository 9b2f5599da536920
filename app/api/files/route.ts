import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { change, readText } from '@/server/answer';
import { InvalidError } from '@/store/errors';
import { addFilterContent } from '@/store/filterFiles';

/** Adds the filter of a `*.neatlayer.json`, which is the body. */
export const POST = (request: Request) =>
  change(request, readText, (db, text) => {
    const read = readNeatLayerFile(text);
    if (!read.ok) throw new InvalidError(read.faults);
    return addFilterContent(db, read.file);
  });
