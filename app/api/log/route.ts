import { change, readBody } from '@/server/answer';
import { log } from '@/store/log';

export const POST = (request: Request) => change(request, readBody, (db, body) => log.add(db, body));
