import { answer, readBody } from '@/server/answer';
import { filters } from '@/store/filters';

export const POST = (request: Request) => answer(async (db) => filters.add(db, await readBody(request)));
