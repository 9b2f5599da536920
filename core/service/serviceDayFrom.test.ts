import { describe, expect, it } from 'vitest';
import { serviceDayFrom } from './serviceDayFrom';

const NONE = Float64Array.of(NaN, NaN, NaN, NaN, NaN, NaN);
const limits = { through: 0.6, headroom: 0.005 };
const simulated = (through: number[], kept: number[] | null = null) => ({
  through: Float64Array.from(through),
  headroom: NONE,
  kept: kept === null ? NONE : Float64Array.from(kept),
  sponge: NONE,
  limits,
});

describe('serviceDayFrom', () => {
  it('is the first crossing from a day on, counted from the start', () => {
    // By hand: 0.7 to 0.5 crosses 0.6 half way between days 3 and 4.
    expect(serviceDayFrom(simulated([1, 0.9, 0.8, 0.7, 0.5, 0.4]), 0)).toEqual({ by: 'through', day: 3.5 });
    expect(serviceDayFrom(simulated([1, 0.9, 0.8, 0.7, 0.5, 0.4]), 2)).toEqual({ by: 'through', day: 3.5 });
  });

  it('leaves what was low before and has been seen to', () => {
    // Low on day 1, cleaned on day 2, and at 0.6 again on day 5.
    expect(serviceDayFrom(simulated([1, 0.5, 1, 0.9, 0.8, 0.6]), 2)).toEqual({ by: 'through', day: 5 });
  });

  it('is what comes first, and no day where nothing falls so far', () => {
    expect(serviceDayFrom(simulated([1, 1, 1, 1, 0.5, 0.4], [1, 1, 0, 0, 0, 0]), 0).by).toBe('kept');
    expect(serviceDayFrom(simulated([1, 1, 1, 1, 1, 1]), 0)).toEqual({ by: 'through', day: null });
  });
});
