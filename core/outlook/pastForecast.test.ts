import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { WATERS } from '@/demo/waters';
import { simulatedLog } from '@/reference/simulatedLog';
import { presetFilter } from '../filter/presetFilter';
import { PastForecastSchema, workOutPastForecast } from './pastForecast';

const base = WATERS[0]!.tank;
const tank = { ...base, feed: { ...base.feed, amount: { by: 'weight' as const, perDay: 3.5e-3 } } };
const filter = presetFilter('internal-compartments', { id: 'paper', tankId: tank.id }, 'Paper');
const layers = [plainLayer('floss', 'floss-bonded', filter.chambers[0]!.id, 0.02)];
const place = { tank, filter, others: [] };
const packedAt = '2026-06-01T12:00:00.000Z';

describe('workOutPastForecast', () => {
  // The log is drawn from a truth of its own by a second implementation: that truth must lie in the range.
  it('is narrower with a log than without, and holds what then happened', () => {
    const { stretches, serviceDay } = simulatedLog(place, layers, 5, 0.8)!;
    const alone = workOutPastForecast({ place, stretches: [], layers, packedAt })!;
    const learned = workOutPastForecast({ place, stretches, layers, packedAt })!;
    for (const past of [alone, learned]) expect(PastForecastSchema.safeParse(past).success).toBe(true);
    const width = ({ earliest, latest }: typeof alone): number => latest! - earliest!;
    expect(width(learned)).toBeLessThan(width(alone) / 2);
    expect(learned.earliest!).toBeLessThan(1.1 * serviceDay);
    expect(learned.latest!).toBeGreaterThan(0.9 * serviceDay);
    expect(learned.clean.low).toBeLessThan(learned.clean.likely);
  });

  it('follows the water level where there is a rim', () => {
    const basket = presetFilter('hang-on-back-basket', { id: 'h', tankId: tank.id }, 'Basket');
    const foam = [plainLayer('foam', 'foam-30', basket.chambers[0]!.id, 0.04)];
    const { level } = workOutPastForecast({
      place: { ...place, filter: basket },
      ...{ stretches: [], layers: foam, packedAt },
    })!;
    expect(level!.likely[0]!).toBeGreaterThan(level!.likely.at(-1)!);
    expect(level!.low[0]!).toBeLessThanOrEqual(level!.high[0]!);
  });
});
