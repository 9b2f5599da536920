import { change, readBody } from '@/server/answer';
import { filters } from '@/store/filters';

export const POST = (request: Request) => change(request, readBody, (db, body) => filters.add(db, body));
