import { EXPORT_ENDING } from '@/formats/fileLimits';
import { answer } from '@/server/answer';
import { exportStream } from '@/server/passingCopy';
import { fileName, headAlone, sentAs } from '@/server/sentAs';

export const HEAD = headAlone;

/** Everything a keeper entered, photos included, as one JSON file. */
export const GET = () =>
  answer((db) => {
    const now = new Date();
    return sentAs(
      exportStream(db, now.toISOString()),
      'application/json; charset=utf-8',
      fileName(EXPORT_ENDING.slice(1), now),
    );
  });
