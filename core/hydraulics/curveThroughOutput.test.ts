import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import { presetFilter } from '../filter/presetFilter';
import { PumpSchema } from '../filter/pump';
import { curveThroughOutput } from './curveThroughOutput';
import { emptyOutput } from './emptyOutput';
import { operatingPoint } from './operatingPoint';
import { pumpCurve } from './pumpHead';

const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'F');
const withHead = (head: Filter['pump']['head']): Filter => ({
  ...canister,
  pump: { ...canister.pump, head },
});

describe('emptyOutput', () => {
  it('is the flow that the report finds for a filter without media', () => {
    const flow = operatingPoint(canister, [], 24).flow;
    expect(emptyOutput(canister) / flow).toBeCloseTo(1, 5);
    expect(emptyOutput(canister)).toBeLessThan(canister.labelFlow);
  });
});

describe('curveThroughOutput', () => {
  it.each([
    ['not known', canister],
    ['on the label', withHead({ by: 'label', shutOff: 1.6 })],
    [
      'a curve',
      withHead({
        by: 'curve',
        points: [
          { flow: 0, head: 1.5 },
          { flow: canister.labelFlow, head: 0 },
        ],
      }),
    ],
  ] as const)('gives what the maker printed, with a maximum head %s', (_, filter) => {
    for (const share of [0.62, 0.7, 0.8]) {
      const output = share * filter.labelFlow;
      const head = curveThroughOutput(filter, output);
      if (typeof head === 'string') throw new Error(head);
      const fitted = { ...filter, pump: { ...filter.pump, head } };
      expect(PumpSchema.safeParse(fitted.pump).success).toBe(true);
      expect(emptyOutput(fitted) / output).toBeCloseTo(1, 6);
      if (filter.pump.head.by === 'label') expect(pumpCurve(fitted).shutOff).toBeCloseTo(1.6, 9);
    }
  });

  it('says why an output cannot be', () => {
    expect(curveThroughOutput(canister, canister.labelFlow)).toBe('above the label flow');
    const weak = withHead({ by: 'label', shutOff: 0.01 });
    expect(curveThroughOutput(weak, 0.9 * canister.labelFlow)).toBe('above what the pump lifts');
  });
});
