import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { HORIZON } from '../pack/visitLimits';
import { quickYear, type QuickPiece } from './quickYear';
import { withRoutineOpenings } from './withRoutineOpenings';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const piece = (id: string, numbers: Partial<QuickPiece['numbers']>, chamber = 'tray-4'): QuickPiece => ({
  layer: plainLayer(id, 'foam-30', chamber, 0.03),
  chamber: filter.chambers.find((one) => one.id === chamber)!,
  numbers: { life: null, mechanical: true, renewed: false, price: null, volume: 1e-3, ...numbers },
});
const foam = piece('foam', {});
const floss = piece('floss', { renewed: true, price: 2 });

describe('quickYear', () => {
  it('cleans with what comes first, in whole weeks, and renews what is full', () => {
    const year = quickYear(filter, [foam, floss], [200, 30], 30);
    // Foam is cleaned on the day that it is full itself; floss four weeks apart.
    expect(year.visits).toBeCloseTo(HORIZON / 203 + HORIZON / 28, 9);
    expect(year.cost).toBeCloseTo((2 * HORIZON) / 30, 9);
    expect(quickYear(filter, [foam, floss], [30, 30], 30).visits).toBeCloseTo(HORIZON / 28, 9);
  });

  it('never opens a filter more often than once a week', () => {
    expect(quickYear(filter, [floss], [0.5], 0.5).visits).toBeCloseTo(HORIZON / 7, 9);
  });

  it('counts what has no price by its volume', () => {
    expect(
      quickYear(filter, [{ ...floss, numbers: { ...floss.numbers, price: null } }], [73], 73),
    ).toMatchObject({
      cost: 0,
      unpriced: expect.closeTo((1e-3 * HORIZON) / 73, 12) as number,
    });
  });

  it('goes by the life of what is used up by time, and leaves stone and a sponge on the intake alone', () => {
    const carbon = piece('carbon', { life: 49, mechanical: false, renewed: true, price: 4 });
    expect(quickYear(filter, [carbon], [Infinity], HORIZON).cost).toBeCloseTo((4 * HORIZON) / 49, 9);
    const routine = withRoutineOpenings(filter, { visits: 0, minutes: 0 });
    const stone = piece('stone', { mechanical: false });
    expect(quickYear(filter, [stone], [20], HORIZON)).toEqual({ ...routine, cost: 0, unpriced: 0 });
    const sleeve = { ...floss, chamber: { ...floss.chamber, where: 'intake' as const } };
    expect(quickYear(filter, [sleeve], [5], HORIZON)).toEqual({ ...routine, cost: 0, unpriced: 0 });
  });
});
