import { z } from 'zod';
import { valid } from './documentTable';
import { InvalidError } from './errors';
import type { Db } from './openDatabase';

/** Most changes that are remembered: far more than any browser can have waiting. */
const MAX_REMEMBERED = 5000;

const ChangeIdSchema = z
  .string({ error: 'The change has no id. Reload the page, then try again.' })
  .regex(/^[A-Za-z0-9-]{8,64}$/, 'The id of a change is 8 to 64 letters, digits or dashes.');

/**
 * Makes a change once, in one transaction: the first time it is carried out and its answer kept; with the same id
 * again the kept answer is given and nothing is done. What throws is not kept, since it changed nothing.
 *
 * @param what method and address of the change; the same id for something else is refused
 * @throws InvalidError, and what `act` throws
 */
export function once(db: Db, id: unknown, what: string, act: () => unknown): unknown {
  const changeId = valid(ChangeIdSchema, id);
  return db
    .transaction(() => {
      const known = db.prepare('SELECT what, answer FROM change WHERE id = ?').get(changeId) as
        { what: string; answer: string } | undefined;
      if (known !== undefined) {
        if (known.what !== what)
          throw new InvalidError(['Another change has the same id. Reload the page, then try again.']);
        return JSON.parse(known.answer) as unknown;
      }
      const answer = act() ?? {};
      const { lastInsertRowid } = db
        .prepare('INSERT INTO change (id, what, answer) VALUES (?, ?, ?)')
        .run(changeId, what, JSON.stringify(answer));
      db.prepare('DELETE FROM change WHERE sequence <= ?').run(Number(lastInsertRowid) - MAX_REMEMBERED);
      return answer;
    })
    .immediate();
}
