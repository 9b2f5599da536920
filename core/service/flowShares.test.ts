import { describe, expect, it } from 'vitest';
import { flowShares } from './flowShares';

describe('flowShares', () => {
  it('shares the sum out, and takes what is predicted where nobody timed', () => {
    const [canister, basket] = flowShares([
      { filter: { id: 'a', name: 'Canister' }, measured: 3e-4, predicted: 5e-4 },
      { filter: { id: 'b', name: 'Basket' }, measured: null, predicted: 1e-4 },
    ]);
    expect(canister).toMatchObject({ measured: true, share: 0.75 });
    expect(basket).toMatchObject({ measured: false, flow: 1e-4 });
    expect(basket?.share).toBeCloseTo(0.25, 12);
    expect(flowShares([])).toEqual([]);
  });
});
