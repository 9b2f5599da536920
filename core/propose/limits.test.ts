import { describe, expect, it } from 'vitest';
import {
  findConflictingLimits,
  SEARCH_LIMITS,
  limitShortfalls,
  nearer,
  nearest,
  NOTHING_NEAR,
  type Limited,
} from './limits';
import type { Limits } from './proposeInput';

const NO_LIMITS: Limits = {
  neverOverflows: false,
  leastTurnover: null,
  mostTurnover: null,
  mostVisits: null,
  mostMinutes: null,
  mostMass: null,
};
const PACK: Limited = { overflows: true, turnover: 4, mass: 12, visits: 10, minutes: 200 };
const nearnessOf = (limits: Limits, packs: readonly Limited[]) =>
  packs.map((pack) => limitShortfalls(limits, pack)).reduce(nearer, NOTHING_NEAR);

describe('limits', () => {
  it('are missed by as much as a pack lies beyond them; what is not known misses none', () => {
    expect(limitShortfalls(NO_LIMITS, PACK)).toEqual(SEARCH_LIMITS.map(() => 0));
    const tight: Limits = {
      neverOverflows: true,
      leastTurnover: 5,
      mostTurnover: 3,
      mostMass: 10,
      mostVisits: 6,
      mostMinutes: 150,
    };
    expect(limitShortfalls(tight, PACK)).toEqual([1, 1, 1, 2, 4, 50]);
    expect(limitShortfalls(tight, { ...PACK, visits: null, minutes: null }).slice(-2)).toEqual([0, 0]);
  });

  it('that no pack keeps to alone are named with how far the nearest is', () => {
    const near = nearnessOf({ ...NO_LIMITS, leastTurnover: 6 }, [PACK, { ...PACK, turnover: 5 }]);
    expect(findConflictingLimits(near)).toEqual({ kind: 'one', limit: 'leastTurnover', missedBy: 1 });
  });

  it('are not blamed where there is no pack at all', () => {
    expect(findConflictingLimits(NOTHING_NEAR)).toEqual({ kind: 'none', spilled: false });
    const spilled = { ...NOTHING_NEAR, spilled: true };
    expect(findConflictingLimits(nearest(NOTHING_NEAR, spilled))).toEqual({ kind: 'none', spilled: true });
    // One that holds its water is the pack that the limits are held against.
    const near = nearer(spilled, limitShortfalls({ ...NO_LIMITS, leastTurnover: 6 }, PACK));
    expect(findConflictingLimits(near)).toEqual({ kind: 'one', limit: 'leastTurnover', missedBy: 2 });
  });

  it('that contradict each other are named as two, each with how far the other stays when it is kept', () => {
    const limits = { ...NO_LIMITS, leastTurnover: 5, mostVisits: 4 };
    const packs = [
      { ...PACK, turnover: 6, visits: 9 },
      { ...PACK, turnover: 5, visits: 7 },
      { ...PACK, turnover: 3, visits: 4 },
    ];
    const found = findConflictingLimits(nearnessOf(limits, packs));
    expect(found).toEqual({ kind: 'two', limits: ['leastTurnover', 'mostVisits'], missedBy: [2, 3] });
    // Two searches know together what one would.
    const apart = packs.map((pack) => nearnessOf(limits, [pack])).reduce(nearest);
    expect(findConflictingLimits(apart)).toEqual(found);
  });

  it('a span that is upside down is a contradiction too', () => {
    const limits = { ...NO_LIMITS, leastTurnover: 5, mostTurnover: 4 };
    const near = nearnessOf(limits, [
      { ...PACK, turnover: 3 },
      { ...PACK, turnover: 6 },
    ]);
    expect(findConflictingLimits(near)).toMatchObject({
      kind: 'two',
      limits: ['leastTurnover', 'mostTurnover'],
    });
  });

  it('that only all together cannot be kept are listed', () => {
    const limits = { ...NO_LIMITS, leastTurnover: 5, mostVisits: 4, mostMass: 10 };
    const packs = [
      { ...PACK, turnover: 6, visits: 3, mass: 12 },
      { ...PACK, turnover: 6, visits: 9, mass: 9 },
      { ...PACK, turnover: 3, visits: 3, mass: 9 },
    ];
    expect(findConflictingLimits(nearnessOf(limits, packs))).toEqual({
      kind: 'several',
      limits: ['leastTurnover', 'mostMass', 'mostVisits'],
    });
  });
});
