import { describe, expect, it } from 'vitest';
import { dateAfter, daysUntil } from './daysUntil';

describe('daysUntil', () => {
  it('counts dates, not hours', () => {
    expect(dateAfter('2026-06-01T12:00:00Z', 40.7)).toBe('2026-07-12');
    expect(daysUntil('2026-06-01T12:00:00Z', 40.7, '2026-06-02T22:00:00Z')).toBe(40);
    expect(daysUntil('2026-06-01T12:00:00Z', 40.7, '2026-06-02T01:00:00Z')).toBe(40);
    expect(daysUntil('2026-06-01T12:00:00Z', 3, '2026-06-09T23:59:00Z')).toBe(-5);
  });
});
