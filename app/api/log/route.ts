import { answer, readBody } from '@/server/answer';
import { log } from '@/store/log';

export const POST = (request: Request) => answer(async (db) => log.add(db, await readBody(request)));
