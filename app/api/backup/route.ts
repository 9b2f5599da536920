import { answer } from '@/server/answer';
import { fileName, sentAs } from '@/server/sentAs';
import { backupStream } from '@/server/passingCopy';

/** Asked for its head alone, no copy is made: a page could fill the disk by asking. */
export const HEAD = () => new Response(null, { headers: { 'cache-control': 'no-store' } });

/** The whole database, photos included, as it is now. */
export const GET = () =>
  answer((db) => sentAs(backupStream(db), 'application/vnd.sqlite3', fileName('sqlite', new Date())));
