import { describe, expect, it } from 'vitest';
import { sentence } from '@/core/units/sentence';
import { daysAgo } from './daysAgo';
import { formatPieces } from './formatPieces';
import { wordsFor } from './wordsFor';

describe('daysAgo', () => {
  const now = new Date(2026, 10, 25, 0, 30);
  it('counts by the calendar, not by the clock', () => {
    expect(daysAgo(new Date(2026, 10, 25, 0, 10).toISOString(), now)).toBe('today');
    expect(daysAgo(new Date(2026, 10, 24, 23, 50).toISOString(), now)).toBe('yesterday');
    expect(daysAgo(new Date(2026, 10, 13, 12, 0).toISOString(), now)).toBe('12 days ago');
    expect(daysAgo(new Date(2026, 10, 26, 12, 0).toISOString(), now)).toBe('today');
  });
});

describe('formatPieces', () => {
  const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
  it('says how many pieces a volume is as a range, and nothing of media that nobody counts', () => {
    expect(formatPieces(words, { id: 'scrubbers' }, 2e-3)).toBe('about 8 to 14 pieces');
    expect(formatPieces(words, { id: 'scrubbers' }, 0.15e-3)).toBe('about 1 to 2 pieces');
    expect(formatPieces(words, { id: 'scrubbers' }, 0.1e-3)).toBeNull();
    // 190 to 270 to the litre: told by tens.
    expect(formatPieces(words, { id: 'rings-dense' }, 1.24e-3)).toBe('about 230 to 340 pieces');
    expect(formatPieces(words, { id: 'lava' }, 2e-3)).toBeNull();
  });
});

describe('wordsFor', () => {
  const gap = sentence`Leaves ${{ kind: 'gap', si: 0.006 }} open.`;
  it('never lets a number and its unit part', () => {
    expect(wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' }).say(gap)).toBe(
      'Leaves 6\u00a0mm open.',
    );
  });
  it('speaks in the keeper’s units and with the keeper’s decimal sign', () => {
    expect(wordsFor({ system: 'us', locale: 'en-US', currency: 'EUR' }).say(gap)).toBe(
      'Leaves 0.24\u00a0in open.',
    );
    const german = wordsFor({ system: 'metric', locale: 'de-DE', currency: 'EUR' });
    expect(german.show({ kind: 'length', si: 0.045 })).toBe('4,5\u00a0cm');
    expect(german.show({ kind: 'volume', si: 1.2345 }, 1)).toBe('1.234,5\u00a0L');
    expect(german.date('2026-11-25T12:00:00Z', { month: 'long', timeZone: 'UTC' })).toBe('November');
  });
  it('lets a unit that is a phrase wrap, after its first word', () => {
    const { show } = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
    expect(show({ kind: 'cover', si: 2.7 })).toBe('2.7\u00a0times today’s food');
  });
  it('gives imperial gallons where they are meant', () => {
    expect(
      wordsFor({ system: 'imperial', locale: 'en-GB', currency: 'EUR' }).show({ kind: 'volume', si: 0.1 }),
    ).toBe('22.0\u00a0imp\u00a0gal');
  });
});
