import { randomInt, randomUUID } from 'node:crypto';
import { NotFoundError } from './errors';
import type { Db } from './openDatabase';
import { isSameHash, newSecret, secretHash } from './secret';

/** A phone or tablet that was paired. */
export interface Device {
  readonly id: string;
  readonly name: string;
  /** ISO moments. */
  readonly pairedAt: string;
  readonly seenAt: string;
}

/** What came of a code that was entered: the secret of the new device, or why there is none. */
export type Pairing =
  | { readonly kind: 'paired'; readonly secret: string }
  | { readonly kind: 'wrong'; readonly triesLeft: number }
  | { readonly kind: 'none' };

/** Letters and digits that nobody takes for another, and how many make a code: 40 bits. */
const CODE_LETTERS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';
const SIGNS_IN_CODE = 8;
/** For how long a code holds, ms, and how many wrong ones end it. */
const CODE_LIFE_MS = 10 * 60_000;
export const MAX_WRONG = 10;
/** A device’s last visit is written down at most this often, ms: most requests write nothing. */
const SEEN_EVERY = 60_000;
const LONGEST_NAME = 60;

/** The code with which the next device is paired: in memory alone, so that no file ever holds it. */
interface OpenCode {
  readonly hash: string;
  /** ISO moment */
  readonly endsAt: string;
  wrong: number;
}

// The build may load this module more than once; the code is one for the process.
const shared = globalThis as { neatLayerCodes?: WeakMap<Db, OpenCode> };
const codes = (): WeakMap<Db, OpenCode> => (shared.neatLayerCodes ??= new WeakMap());

/** A code as it was typed: small letters, blanks and dashes are the same to a hand. */
const plain = (code: string): string => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');

export const devices = {
  /** Makes a new code, in place of any there was. It is known only here and now: what is kept is its hash. */
  newCode(db: Db, now: string): { readonly code: string; readonly endsAt: string } {
    const code = Array.from(
      { length: SIGNS_IN_CODE },
      () => CODE_LETTERS[randomInt(CODE_LETTERS.length)],
    ).join('');
    const endsAt = new Date(Date.parse(now) + CODE_LIFE_MS).toISOString();
    codes().set(db, { hash: secretHash(code), endsAt, wrong: 0 });
    return { code, endsAt };
  },

  /** Pairs a device by the code: once, while it holds, and only until too many wrong ones were entered. */
  pair: (db: Db, code: string, name: string, now: string): Pairing =>
    db
      .transaction((): Pairing => {
        const open = codes().get(db);
        if (open === undefined || open.endsAt <= now || open.wrong >= MAX_WRONG) return { kind: 'none' };
        if (!isSameHash(secretHash(plain(code)), open.hash)) {
          open.wrong += 1;
          return { kind: 'wrong', triesLeft: MAX_WRONG - open.wrong };
        }
        codes().delete(db);
        const secret = newSecret();
        db.prepare(
          'INSERT INTO paired_device (id, name, secret_hash, paired_at, seen_at) VALUES (?, ?, ?, ?, ?)',
        ).run(randomUUID(), name.trim().slice(0, LONGEST_NAME) || 'Phone', secretHash(secret), now, now);
        return { kind: 'paired', secret };
      })
      .immediate(),

  /** True for the secret of a paired device; writes down now and then that it was seen. */
  isPaired(db: Db, secret: string | undefined, now: string): boolean {
    if (secret === undefined) return false;
    const row = db
      .prepare('SELECT id, seen_at FROM paired_device WHERE secret_hash = ?')
      .get(secretHash(secret)) as { id: string; seen_at: string } | undefined;
    if (row === undefined) return false;
    if (Math.abs(Date.parse(now) - Date.parse(row.seen_at)) > SEEN_EVERY)
      db.prepare('UPDATE paired_device SET seen_at = ? WHERE id = ?').run(now, row.id);
    return true;
  },

  list: (db: Db): Device[] =>
    db
      .prepare(
        'SELECT id, name, paired_at AS pairedAt, seen_at AS seenAt FROM paired_device ORDER BY paired_at',
      )
      .all() as Device[],

  /** Ends a pairing: the device sees nothing but the pairing page from now on. */
  remove(db: Db, id: string): void {
    if (db.prepare('DELETE FROM paired_device WHERE id = ?').run(id).changes === 0)
      throw new NotFoundError('device');
  },
};
