import { describe, expect, it } from 'vitest';
import type { Swap, SwapPiece } from '../filter/swap';
import { daysApart, inStages, successorKind, withPiece, withStageOn } from './swapEdits';

const piece = (key: string, change: Partial<SwapPiece> = {}): SwapPiece => ({
  key,
  name: key,
  surface: 2,
  newSurface: 2,
  whole: false,
  zeolite: null,
  ...change,
});
const swap = (days: readonly number[]): Swap => ({
  begunOn: null,
  pieces: [piece('a'), piece('b')],
  stages: days.map((day) => ({ day, parts: [{ key: 'a', share: 1 / days.length }], doneOn: null })),
});

describe('daysApart', () => {
  it('is the mean of what lies between the stages, a day at least, and two weeks where there is but one', () => {
    expect([[0], [0, 10], [0, 7, 21], [3, 3]].map((days) => daysApart(swap(days)))).toEqual([14, 10, 11, 1]);
  });
});

describe('inStages', () => {
  it('takes out every piece whole, in so many stages as far apart as they were', () => {
    const three = inStages(swap([0, 10]), 3);
    expect(three.stages.map(({ day }) => day)).toEqual([0, 10, 20]);
    for (const key of ['a', 'b']) {
      const shares = three.stages.flatMap(({ parts }) => parts.filter((part) => part.key === key));
      expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    }
  });
});

describe('withStageOn', () => {
  it('moves one stage and leaves the others', () => {
    expect(withStageOn(swap([0, 7, 14]), 1, 9).stages.map(({ day }) => day)).toEqual([0, 9, 14]);
  });
});

describe('withPiece', () => {
  it('keeps pieces in flow order, each once', () => {
    const order = ['c', 'b', 'a'];
    const two = withPiece([piece('a')], 'c', piece('c'), order);
    expect(two.map(({ key }) => key)).toEqual(['c', 'a']);
    const changed = withPiece(two, 'a', piece('a', { newSurface: 0 }), order);
    expect(changed.map(({ key, newSurface }) => [key, newSurface])).toEqual([
      ['c', 2],
      ['a', 0],
    ]);
    expect(withPiece(changed, 'c', null, order).map(({ key }) => key)).toEqual(['a']);
  });
});

describe('successorKind', () => {
  it('is read back from the surfaces', () => {
    expect(successorKind(piece('a'), 2)).toBe('same');
    expect(successorKind(piece('a', { newSurface: 0 }), 2)).toBe('nothing');
    expect(successorKind(piece('a', { newSurface: 5 }), 2)).toBe('other');
  });
});
