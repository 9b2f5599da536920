import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import { newTankCourse, describeNewTank } from './newTankCourse';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('foam', 'foam-30', 'tray-4', 0.04), plainLayer('stone', 'lava', 'tray-3', 0.08)];
const pack = (perDay: number | null) => ({
  tank: {
    ...newTank('t', 'Test', 0.2),
    temperature: 25,
    ...(perDay === 0 ? { plants: 'none' as const } : {}),
    feed: { amount: perDay === null ? null : ({ by: 'weight', perDay } as const), protein: 0.4 },
  },
  filter,
  layers,
  others: [],
  now: null,
});

describe('newTankCourse', () => {
  // Source: a new tank takes about four to eight weeks (common practice, no source).
  it('takes some weeks, as a range', () => {
    const course = newTankCourse(pack(1e-3))!;
    expect(course.earliest).toBeGreaterThan(21);
    expect(course.latest).toBeLessThan(70);
    expect(course.latest).toBeGreaterThan(course.earliest!);
    expect(formatSentence(describeNewTank(pack(1e-3))!)).toMatch(/under 0\.25 mg\/L.* after \d+ to \d+ days/);
  });

  it('says so where the food is too much, or nothing is fed', () => {
    expect(newTankCourse(pack(0.05))?.latest).toBeNull();
    expect(newTankCourse(pack(0))).toBeNull();
    expect(formatSentence(describeNewTank(pack(0))!)).toMatch(/^The daily food is 0/);
  });

  it('is not for a tank that has another filter', () => {
    const other = { filter: { ...filter, id: 'other' }, layers };
    expect(describeNewTank({ ...pack(1e-3), others: [other] })).toBeNull();
  });
});
