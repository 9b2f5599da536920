import type { Db } from './openDatabase';
import { isSameHash, newSecret, secretHash } from './secret';

/** The address under which a calendar may read what is due without being paired. */
export const calendarFeed = {
  /** Makes a new secret in the place of any there was; the old address stops working. */
  make(db: Db, now: string): string {
    const secret = newSecret();
    db.prepare(
      `INSERT INTO calendar_feed (id, secret_hash, made_at) VALUES ('feed', ?, ?)
       ON CONFLICT (id) DO UPDATE SET secret_hash = excluded.secret_hash, made_at = excluded.made_at`,
    ).run(secretHash(secret), now);
    return secret;
  },

  /** Whether this is the secret of the address that holds now. */
  isOpen(db: Db, secret: string): boolean {
    const stored = db.prepare('SELECT secret_hash FROM calendar_feed').pluck().get() as string | undefined;
    return stored !== undefined && isSameHash(secretHash(secret), stored);
  },

  /** ISO moment at which the address was made; null: there is none. */
  madeAt: (db: Db): string | null =>
    (db.prepare('SELECT made_at FROM calendar_feed').pluck().get() as string | undefined) ?? null,

  /** Ends the address: nobody reads anything under it from now on. */
  revoke: (db: Db): void => void db.prepare('DELETE FROM calendar_feed').run(),
};
