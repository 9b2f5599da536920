import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { calendarFeed } from './calendarFeed';
import { openDatabase, type Db } from './openDatabase';

describe('the address for calendars', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
  });
  afterEach(() => db.close());

  it('opens by its secret alone, until another is made or it is revoked', () => {
    expect(calendarFeed.isOpen(db, '')).toBe(false);
    expect(calendarFeed.madeAt(db)).toBeNull();
    const first = calendarFeed.make(db, '2026-11-25T10:00:00Z');
    expect(first).toMatch(/^[\w-]{43}$/);
    expect(calendarFeed.isOpen(db, first)).toBe(true);
    expect(calendarFeed.isOpen(db, `${first}x`)).toBe(false);
    const second = calendarFeed.make(db, '2026-11-26T10:00:00Z');
    expect([calendarFeed.isOpen(db, first), calendarFeed.isOpen(db, second)]).toEqual([false, true]);
    expect(calendarFeed.madeAt(db)).toBe('2026-11-26T10:00:00Z');
    calendarFeed.revoke(db);
    expect(calendarFeed.isOpen(db, second)).toBe(false);
  });

  it('keeps no secret, only what it can be known by', () => {
    const secret = calendarFeed.make(db, '2026-11-25T10:00:00Z');
    expect(JSON.stringify(db.prepare('SELECT * FROM calendar_feed').all())).not.toContain(secret);
  });
});
