import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';

/** Bytes of a secret: nobody guesses it. */
const SECRET = 32;

/** A new secret, of letters, digits, dashes and underscores. It is shown once: only its hash is stored. */
export const newSecret = (): string => randomBytes(SECRET).toString('base64url');

export const secretHash = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Whether two hashes are the same, in constant time. */
export const isSameHash = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));
