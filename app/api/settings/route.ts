import { change, docOf, readBody, versionOf } from '@/server/answer';
import { settings } from '@/store/settings';

export const PUT = (request: Request) =>
  change(request, readBody, (db, body) => settings.update(db, versionOf(body), docOf(body, 'settings')));
