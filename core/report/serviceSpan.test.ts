import { describe, expect, it } from 'vitest';
import { serviceSpan } from './serviceSpan';

describe('serviceSpan', () => {
  // By hand: 43 days are 6.1 weeks, 154 are 22; below a fortnight days are told.
  it.each([
    [43, 154, { unit: 'weeks', from: 6, to: 22 }],
    [5.4, 12.1, { unit: 'days', from: 5, to: 13 }],
    [20, null, { unit: 'weeks', from: 2, to: null }],
    [13.9, 14, { unit: 'days', from: 13, to: 14 }],
  ])('tells %d to %s days with the ends rounded outward', (earliest, latest, span) => {
    expect(serviceSpan(earliest, latest)).toEqual(span);
  });
});
