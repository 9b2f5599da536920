import { change, docOf, readBody, versionOf } from '@/server/answer';
import { settings } from '@/store/settings';

export const PUT = (request: Request) =>
  change(request, readBody, (db, body) => settings.update(db, versionOf(body), docOf(body, 'settings')));

/** Changes the parts that are sent and leaves the others as they are, whoever changed them. */
export const PATCH = (request: Request) =>
  change(request, readBody, (db, body) => {
    const { doc, version } = settings.get(db);
    return settings.update(db, version, { ...doc, ...body, id: doc.id });
  });
