import { change, docOf, readBody, versionOf } from '@/server/answer';
import { shelf } from '@/store/shelf';

export const PUT = (request: Request) =>
  change(request, readBody, (db, body) => shelf.update(db, versionOf(body), docOf(body, 'shelf')));
