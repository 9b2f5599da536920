import { describe, expect, it } from 'vitest';
import type { Visit } from '@/core/pack/visit';
import { moveVisit } from './moveVisit';

describe('moveVisit', () => {
  const visits: Visit[] = [30, 60].map((day) => ({ day, works: [{ layerId: 'a', work: 'squeeze' }] }));
  const days = (list: readonly Visit[]) => list.map(({ day }) => day);

  it('puts one visit on another day and leaves the others', () => {
    expect(days(moveVisit(visits, 0, 45, 365))).toEqual([45, 60]);
    expect(days(visits)).toEqual([30, 60]);
  });

  it('stays within the year, and off the day of another', () => {
    expect(days(moveVisit(visits, 0, -3, 365))).toEqual([1, 60]);
    expect(days(moveVisit(visits, 1, 400, 365))).toEqual([30, 365]);
    expect(days(moveVisit(visits, 0, 60, 365))).toEqual([30, 60]);
  });
});
