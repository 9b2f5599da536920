import { change, listOf, readBody } from '@/server/answer';
import { log } from '@/store/log';

/** Adds `entries` of several filters: all of them or none. */
export const POST = (request: Request) =>
  change(request, readBody, (db, body) => ({
    entries: listOf(body, 'entries').map((entry) => log.add(db, entry)),
  }));

/** Takes entries with these `ids` out again: what was just added is undone. */
export const DELETE = (request: Request) =>
  change(request, readBody, (db, body) => listOf(body, 'ids').forEach((id) => log.remove(db, String(id))));
