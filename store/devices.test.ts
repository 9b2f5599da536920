import { beforeEach, describe, expect, it } from 'vitest';
import { devices, MAX_WRONG } from './devices';
import { NotFoundError } from './errors';
import { openDatabase, type Db } from './openDatabase';

const NOW = '2026-11-27T10:00:00.000Z';
const later = (minutes: number): string => new Date(Date.parse(NOW) + minutes * 60_000).toISOString();

describe('pairing', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
  });

  it('takes the code once, however it is typed, and knows the device by its secret from then on', () => {
    const { code } = devices.newCode(db, NOW);
    expect(code).toMatch(/^[2-9A-HJ-NP-Z]{8}$/);
    const typed = ` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `;
    const paired = devices.pair(db, typed, '  Blue phone ', later(1));
    if (paired.kind !== 'paired') throw new Error(paired.kind);
    expect(devices.isPaired(db, paired.secret, later(2))).toBe(true);
    expect(devices.list(db)).toMatchObject([{ name: 'Blue phone', pairedAt: later(1) }]);
    // Replay: the same code pairs nobody else.
    expect(devices.pair(db, code, 'Other', later(1))).toEqual({ kind: 'none' });
  });

  it('ends a code that was guessed at too often, and says so only by taking none', () => {
    const { code } = devices.newCode(db, NOW);
    for (let left = MAX_WRONG - 1; left >= 0; left -= 1)
      expect(devices.pair(db, 'AAAAAAAA', 'x', NOW)).toEqual({ kind: 'wrong', triesLeft: left });
    expect(devices.pair(db, code, 'x', NOW)).toEqual({ kind: 'none' });
    expect(devices.list(db)).toEqual([]);
  });

  it('holds a code for ten minutes, and only the newest', () => {
    const first = devices.newCode(db, NOW);
    expect(first.endsAt).toBe(later(10));
    expect(devices.pair(db, first.code, 'x', later(10))).toEqual({ kind: 'none' });
    const old = devices.newCode(db, NOW);
    const fresh = devices.newCode(db, NOW);
    expect(devices.pair(db, old.code, 'x', NOW).kind).toBe('wrong');
    expect(devices.pair(db, fresh.code, 'x', NOW).kind).toBe('paired');
  });

  it('has no code before one is made, and knows no secret that it did not give', () => {
    expect(devices.pair(db, '', 'x', NOW)).toEqual({ kind: 'none' });
    for (const secret of [undefined, '', 'x', "' OR 1=1 --"])
      expect(devices.isPaired(db, secret, NOW)).toBe(false);
  });

  it('stores neither code nor secret as it is', () => {
    const { code } = devices.newCode(db, NOW);
    const stored = () =>
      JSON.stringify(
        (db.prepare("SELECT name FROM sqlite_schema WHERE type = 'table'").pluck().all() as string[]).map(
          (table) => db.prepare(`SELECT * FROM "${table}"`).all(),
        ),
      );
    expect(stored()).not.toContain(code);
    const paired = devices.pair(db, code, '', NOW);
    if (paired.kind !== 'paired') throw new Error(paired.kind);
    expect(stored()).not.toContain(paired.secret);
    expect(devices.list(db)[0]?.name).toBe('Phone');
  });

  it('ends with the press that removes the device', () => {
    const { code } = devices.newCode(db, NOW);
    const paired = devices.pair(db, code, 'Phone', NOW);
    if (paired.kind !== 'paired') throw new Error(paired.kind);
    devices.remove(db, devices.list(db)[0]!.id);
    expect(devices.isPaired(db, paired.secret, NOW)).toBe(false);
    expect(() => devices.remove(db, 'ghost')).toThrow(NotFoundError);
  });

  it('writes down now and then when a device was seen', () => {
    const { code } = devices.newCode(db, NOW);
    const paired = devices.pair(db, code, 'Phone', NOW);
    if (paired.kind !== 'paired') throw new Error(paired.kind);
    devices.isPaired(db, paired.secret, later(0.5));
    expect(devices.list(db)[0]?.seenAt).toBe(NOW);
    devices.isPaired(db, paired.secret, later(30));
    expect(devices.list(db)[0]?.seenAt).toBe(later(30));
  });
});
