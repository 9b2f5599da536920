import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { DatabaseError } from '@/store/errors';
import { openDatabase } from '@/store/openDatabase';
import { Counter, type Tally } from './tally';

/** Bytes that are zeroed at most: two pages of a database. */
const LONGEST_HOLE = 8192;

const OTHER = 'errors without a sentence of their own';
const CHANGED = 'files changed';

/**
 * Opens copies of a database with bytes changed, zeroed or cut off: each is opened, or refused with what to do and left as it
 * is.
 *
 * @param data a whole database
 * @param file of the damaged copy
 * @param random 0–1
 * @param goesOn asked before each file
 */
export function damagedFiles(data: string, file: string, random: () => number, goesOn: () => boolean): Tally {
  const counter = new Counter('Damaged and truncated databases', 'files', [OTHER, CHANGED]);
  const whole = readFileSync(data);
  while (goesOn()) {
    const bytes = Buffer.from(whole);
    const at = Math.floor(random() * (random() < 0.3 ? 100 : bytes.length));
    const way = Math.floor(random() * 3);
    if (way === 0) bytes[at] = Math.floor(random() * 256);
    else if (way === 1) bytes.fill(0, at, Math.min(bytes.length, at + Math.floor(random() * LONGEST_HOLE)));
    const damaged = way === 2 ? bytes.subarray(0, at) : bytes;
    for (const ending of ['-wal', '-shm']) rmSync(file + ending, { force: true });
    writeFileSync(file, damaged);
    try {
      openDatabase(file).close();
    } catch (error) {
      if (!(error instanceof DatabaseError)) counter.fault(OTHER, `byte ${at}, way ${way}: ${String(error)}`);
      else if (!readFileSync(file).equals(damaged)) counter.fault(CHANGED, `byte ${at}, way ${way}`);
    }
    counter.count();
  }
  return counter.tally;
}
