import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { ratingReader, describeRating } from './ratingReader';

describe('ratingReader', () => {
  const filter = {
    ...presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test'),
    labelFlow: 1,
  };

  // Source: 3 kg of porous media are good for 300 L at normal and 150 L at heavy stock (common practice, no source).
  it('sizes by weight as the trade does', () => {
    // By hand: four trays of 19 × 19 × 8 cm hold 11.55 L; 40 to 80 % of it at 0.65 to 0.70 kg/L is 3.0 to 6.47 kg.
    const { stocks, room } = ratingReader(filter, null);
    expect(room).toBeCloseTo(11.552e-3, 6);
    const [planted, normal, heavy] = stocks;
    expect(normal?.byWeight.low).toBeCloseTo(0.3, 2);
    expect(normal?.byWeight.high).toBeCloseTo(0.647, 2);
    expect(heavy?.byWeight.low).toBeCloseTo(0.15, 2);
    expect(planted?.byWeight.high).toBeGreaterThan(normal?.byWeight.high ?? Infinity);
  });

  it('sizes by turnover beside it, from the measured flow where there is one', () => {
    const flow = 0.45 / 3600;
    const weak = ratingReader({ ...filter, labelFlow: flow }, flow);
    const normal = weak.stocks.find((stock) => stock.stock === 'normal');
    // By hand: 450 L/h at six and at four an hour.
    expect(normal?.byTurnover.low).toBeCloseTo(0.075, 9);
    expect(normal?.byTurnover.high).toBeCloseTo(0.1125, 9);
    expect(ratingReader({ ...filter, labelFlow: flow }, null).flow.low).toBeCloseTo(0.6 * flow, 12);
  });

  it('says how the print stands to the range', () => {
    expect(describeRating(0.4, { low: 0.1, high: 0.2 })).toBe('too high');
    expect(describeRating(0.15, { low: 0.1, high: 0.2 })).toBe('fits');
    expect(describeRating(0.05, { low: 0.1, high: 0.2 })).toBe('too low');
  });
});
