import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { cleanFlowFit } from './cleanFlowFit';
import { operatingPoint } from './operatingPoint';

describe('cleanFlowFit', () => {
  const assumed = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
  const known = {
    ...assumed,
    assumed: [],
    pump: { ...assumed.pump, head: { by: 'label' as const, shutOff: 1.8 } },
  };
  const inFlow = placeLayers(assumed, [plainLayer('a', 'foam-30', 'tray-4', 0.08)]);
  const predicted = operatingPoint(assumed, inFlow, 25).flow;
  const fit = (measured: number, filter = assumed) => cleanFlowFit(filter, inFlow, 25, measured);

  it('agrees within what jug and model are off', () => {
    expect(fit(predicted * 1.05).verdict).toBe('agrees');
    expect(fit(predicted * 0.95).verdict).toBe('agrees');
  });

  it('explains a flow by what was assumed, and by less where it was entered', () => {
    const { low, high } = fit(predicted);
    expect(low).toBeLessThan(predicted);
    expect(high).toBeGreaterThan(predicted);
    expect(fit(low).verdict).toBe('fits');
    expect(fit(low * 0.95, known).verdict).toBe('unexplained');
  });

  it('calls unexplained what nothing plausible gives', () => {
    expect(fit(predicted * 0.3).verdict).toBe('unexplained');
    expect(fit(assumed.labelFlow * 1.4).verdict).toBe('unexplained');
  });

  it('knows bodies without hoses', () => {
    const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
    const layers = placeLayers(basket, [plainLayer('a', 'foam-30', 'basket', 0.1)]);
    const { low, high, predicted: flow } = cleanFlowFit(basket, layers, 25, 1e-4);
    expect(low).toBeLessThan(flow);
    expect(high).toBeGreaterThan(flow);
  });
});
