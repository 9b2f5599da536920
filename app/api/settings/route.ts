import { answer, docOf, readBody, versionOf } from '@/server/answer';
import { settings } from '@/store/settings';

export const PUT = (request: Request) =>
  answer(async (db) => {
    const body = await readBody(request);
    return settings.update(db, versionOf(body), docOf(body, 'settings'));
  });
