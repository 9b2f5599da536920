import { writeLogCsv } from '@/formats/logCsv/writeLogCsv';
import { plainName } from '@/formats/writeNeatLayerFile';
import { answer } from '@/server/answer';
import { sentAs } from '@/server/sentAs';
import { filters } from '@/store/filters';
import { log } from '@/store/log';

/** The log of a filter as CSV. */
export const GET = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => {
    const { id } = await params;
    const { name } = filters.get(db, id).doc;
    return sentAs(writeLogCsv(log.ofFilter(db, id)), 'text/csv; charset=utf-8', `${plainName(name)}-log.csv`);
  });
