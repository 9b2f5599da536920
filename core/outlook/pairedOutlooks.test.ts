import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { simulateClogging } from '../dirt/cloggingSimulation';
import { cloggingInput } from '../dirt/cloggingInput';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { pairedOutlooks } from './pairedOutlooks';

const { tank, filter, layers } = WATERS.find((water) => water.filter.id === 'reed-bench')!;
/** A hang-on-back full of floss and foam beside the canister. */
const helper = presetFilter('hang-on-back-basket', { id: 'helper', tankId: tank.id }, 'Helper', 'large');
const basket = helper.chambers[0]!.id;
const pads = [
  plainLayer('h-foam', 'foam-30', basket, 0.04),
  plainLayer('h-floss', 'floss-bonded', basket, 0.03),
];
const withHelper = { tank, filter, layers, others: [{ filter: helper, layers: pads }], visits: [] };

describe('pairedOutlooks', () => {
  it('keeps a canister shut for longer, the more often the other is cleaned', () => {
    const { otherId, outlooks } = pairedOutlooks(withHelper)!;
    expect(otherId).toBe('helper');
    expect(outlooks.map(({ way }) => way)).toEqual([7, 14, 28, 'when due', 'without']);
    for (const end of ['earliest', 'likely', 'latest'] as const) {
      const days = outlooks.map((outlook) => outlook[end] ?? Infinity);
      expect(days).toEqual([...days].sort((a, b) => b - a));
    }
    // A second, mechanical filter on the tank: three months and still not dirty; an ordinary canister by itself is opened
    // every one to three months (common practice, no source).
    expect(outlooks[0]!.likely).toBeGreaterThan(90);
    expect(outlooks[4]!.likely).toBeGreaterThan(30);
    expect(outlooks[4]!.likely).toBeLessThan(90);
    // The week costs minutes: 52 cleanings of a hang-on-back.
    expect(outlooks[0]!.minutes).toBeGreaterThan(outlooks[2]!.minutes);
  });

  it('compares nothing without another filter, or without pads in it', () => {
    expect(pairedOutlooks({ ...withHelper, others: [] })).toBeNull();
    expect(pairedOutlooks({ ...withHelper, others: [{ filter: helper, layers: [] }] })).toBeNull();
  });
});

describe('a filter that is cleaned by its days', () => {
  it('is cleaned on each of them, and no dirt is lost from the books', () => {
    const weekly = { ...helper, cleanedEvery: 7 };
    const input = { ...withHelper, others: [{ filter: weekly, layers: pads }] };
    const { othersCleaned, books } = simulateClogging({ ...cloggingInput(input), days: 70 });
    expect(othersCleaned).toBe(10);
    expect(books.removed).toBeGreaterThan(0);
    expect((books.caught - books.stored - books.rotted - books.removed) / books.caught).toBeCloseTo(0, 9);
  });
});
