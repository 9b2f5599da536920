import { answer } from '@/server/answer';
import { fileName, headAlone, sentAs } from '@/server/sentAs';
import { backupStream } from '@/server/passingCopy';

export const HEAD = headAlone;

/** The whole database, photos included, as it is now. */
export const GET = () =>
  answer((db) => sentAs(backupStream(db), 'application/vnd.sqlite3', fileName('sqlite', new Date())));
