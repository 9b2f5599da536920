import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { netVolume } from '../tank/netVolume';
import { plainLayer } from '../layers/plainLayer';
import { clearingTime } from './clearWater';
import { forecast } from './forecast';
import { settlingRates } from './massBalance';
import { SIZE_CLASSES } from './sizeClasses';
import { DAY } from '../units/time';

const reed = WATERS.find(({ filter }) => filter.id === 'reed-bench');
if (reed === undefined) throw new Error('The demo has no Reed bench.');
const { tank, filter, layers } = reed;
const clear = (list = layers) =>
  evaluatePack({ ...aloneOn(tank), filter, layers: list, flow: null }).clearWater;

describe('clearingTime', () => {
  // Source: a mixed tank, dC/dt = −(Q·E + k_s·V)/V · C, falls to a tenth in ln 10·V/(Q·E + k_s·V).
  it('is ln 10·V/(Q·E + k·V) where all fine sizes are caught alike', () => {
    const [volume, cleared, settles] = [0.2, 3e-5, 0.5];
    const time = clearingTime(
      SIZE_CLASSES.map(() => cleared),
      SIZE_CLASSES.map(() => settles),
      volume,
    );
    expect(time).toBeCloseTo((Math.log(10) * volume) / (cleared + (settles * volume) / DAY), 0);
  });

  it('lies between the quickest size and the slowest', () => {
    const volume = 0.1;
    const settles = SIZE_CLASSES.map((_, size) => [0.1, 0.3, 1][size] ?? 4);
    const time = clearingTime(
      SIZE_CLASSES.map(() => 0),
      settles,
      volume,
    );
    expect(time).toBeGreaterThan((Math.log(10) / 1) * DAY);
    expect(time).toBeLessThan((Math.log(10) / 0.1) * DAY);
  });
});

describe('clearWater', () => {
  // By hand: without a filter every size settles: C = P/(k_s·V), 0.25 g of solids a g of food.
  it('of a tank without a filter is production over settling', () => {
    const volume = netVolume(tank.water).value;
    const food = tank.feed.amount?.by === 'weight' ? tank.feed.amount.perDay : NaN;
    const rates = settlingRates(tank, volume);
    const fines = SIZE_CLASSES.slice(0, 3).reduce(
      (sum, { ofFood }, size) => sum + (food * 0.25 * ofFood) / ((rates[size] ?? 0) * volume),
      0,
    );
    expect(clear()?.without.fines.likely).toBeCloseTo(fines, 9);
  });

  it('is a range around the likely value, lower with the filter than without', () => {
    const water = clear();
    for (const { solids, fines } of [water?.with, water?.without].filter((item) => item !== undefined))
      for (const { low, likely, high } of [solids, fines]) {
        expect(low).toBeLessThan(likely);
        expect(high).toBeGreaterThan(likely);
      }
    expect(water?.with.fines.likely).toBeLessThan(water?.without.fines.likely ?? 0);
    expect(water?.with.clearing).toBeLessThan(water?.without.clearing ?? 0);
  });

  // Common practice, no source: coarse foam lets silt through; fine pads polish.
  it('tells coarse foam alone from a pack that polishes', () => {
    const coarse = clear([plainLayer('a', 'foam-10', filter.chambers[0]?.id ?? '', 0.05)]);
    expect(coarse?.with.fines.likely).toBeGreaterThan(1.5 * (clear()?.with.fines.likely ?? 0));
    expect(coarse?.with.clearing).toBeGreaterThan(clear()?.with.clearing ?? 0);
  });

  it('on the first day of a forecast is that of the report', () => {
    const found = forecast({ tank, filter, layers, others: [], visits: [], days: 1 });
    const suspended = found?.simulation.suspended.subarray(0, 3).reduce((sum, part) => sum + part, 0);
    expect((suspended ?? 0) / (clear()?.with.fines.likely ?? 1)).toBeCloseTo(1, 6);
  });
});
