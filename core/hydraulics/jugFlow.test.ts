import { describe, expect, it } from 'vitest';
import { jugFlow } from './jugFlow';
import { turnover } from './turnover';

describe('jugFlow', () => {
  // Source: by hand: 2 L in 10, 12.5 and 8 s is 720, 576 and 900 L/h: mean 732, s = √((12² + 156² + 168²)/2) = 162.4.
  it('gives mean and spread of three fillings', () => {
    const { flows, mean, spread } = jugFlow(2e-3, [10, 12.5, 8]);
    expect(flows.map((flow) => Math.round(flow * 3.6e6))).toEqual([720, 576, 900]);
    expect(mean * 3.6e6).toBeCloseTo(732, 9);
    expect((spread ?? 0) * 3.6e6).toBeCloseTo(162.33, 1);
  });

  it('has no spread from one filling, and none from none', () => {
    expect(jugFlow(1e-3, [6]).spread).toBeNull();
    expect(() => jugFlow(1e-3, [])).toThrow(/At least one filling/);
    expect(() => jugFlow(0, [6])).toThrow(/more than zero/);
    expect(() => jugFlow(1e-3, [6, 0])).toThrow(/more than zero/);
    expect(() => jugFlow(1e-3, [Number.NaN])).toThrow(/more than zero/);
  });
});

describe('turnover', () => {
  // Source: 5× turnover of 90 L is 450 L/h (common practice, no source).
  it('is flow over tank water', () => {
    expect(turnover(0.45 / 3600, 0.09) * 3600).toBeCloseTo(5, 9);
  });
});
