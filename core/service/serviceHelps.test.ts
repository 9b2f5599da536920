import { describe, expect, it } from 'vitest';
import { forecast } from '../dirt/forecast';
import { forecastInput } from '../dirt/forecastInput';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { serviceHelps } from './serviceHelps';

const hang = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const fed = {
  ...newTank('t', 'Test', 0.06),
  feed: { amount: { by: 'weight' as const, perDay: 0.5e-3 }, protein: 0.4 },
};
const short = { ...plainLayer('pad', 'foam-30', 'basket', 0.04), cut: { length: 0.1, width: 0.06 } };
const stone = plainLayer('stone', 'lava', 'basket', 0.04);
const input = (tank: typeof fed | ReturnType<typeof newTank>, layers = [short, stone], filter = hang) => ({
  ...forecastInput({ tank, others: [] }, filter, layers),
  brief: true,
});

describe('serviceHelps', () => {
  it('offers pads to the walls and a sponge, each with the day that it leads to', () => {
    const [cut, sponge, ...more] = serviceHelps(input(fed));
    expect(more).toEqual([]);
    expect([cut!.key, sponge!.key]).toEqual(['cut', 'sponge']);
    const whole = forecast(input(fed, [{ ...short, cut: null }, stone]));
    expect(cut!.serviceDay).toBe(whole.serviceDay);
    expect(cut!.siltPerMonth).toBe(whole.siltPerMonth);
    expect(cut!.sponge).toBe(false);
    expect(sponge!.sponge).toBe(true);
    // What a sponge keeps does not reach the stone.
    expect(sponge!.siltPerMonth).toBeLessThan(forecast(input(fed)).siltPerMonth);
  });

  it('offers nothing that is done already, and no sponge on the intake of an internal filter', () => {
    expect(serviceHelps(input(fed, [{ ...short, cut: null }, stone])).map(({ key }) => key)).toEqual([
      'sponge',
    ]);
    const inside = presetFilter('internal-compartments', { id: 'f', tankId: 't' }, 'Test');
    const foam = plainLayer('foam', 'foam-30', 'slot-1', 0.06);
    expect(serviceHelps(input(fed, [foam], inside))).toEqual([]);
  });
});
