import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { oxygenSaturation } from '../water/oxygenSaturation';
import { bacteriaCover, tankOxygen } from './bacteriaCover';
import { nitrificationCapacity } from './nitrificationCapacity';
import { inTankBacteriaSurface } from './inTankBacteriaSurface';
import { nitrogenPerDay } from './nitrogenPerDay';
import { FILM_DECAY, LIMITS, NITRIFIERS } from './nitrifiers';
import { foodFactor, monodRate } from './monodRate';

const FULL = oxygenSaturation(25);
const AT_LIMIT = { nitrogen: LIMITS.ammonia, oxygen: FULL, celsius: 25 };

const tankOf = (litres: number, food: number, change: Partial<Tank> = {}): Tank => ({
  ...newTank('t', 'Test', litres * 1e-3),
  temperature: 25,
  plants: 'some',
  litter: { perDay: 0, floating: false },
  feed: { amount: { by: 'weight', perDay: food * 1e-3 }, protein: 0.4 },
  ...change,
});
const exactly = (value: number) => ({ low: value, likely: value, high: value });
/** Filters of so much surface, all of it passed. */
const homes = (tank: Tank, surface: number) => ({
  filters: [{ surface, oxygen: tankOxygen(tank) }],
  surface: exactly(surface),
});

describe('the load that a film bears', () => {
  // By hand: 1.27 · 0.60 · (0.25/0.75 − 0.06/0.45) = 0.1524 g N a day.
  it('is 0.152 g of nitrogen a day on 1.27 m² at 25 °C and a quarter of a milligram', () => {
    expect(nitrificationCapacity(NITRIFIERS.ammonia, 1.27, AT_LIMIT) * 1e3).toBeCloseTo(0.1524, 4);
  });

  // Source: the steady state is what growth and decay come to when they are not cleaned: integrated by Euler’s method.
  it.each(['ammonia', 'nitrite'] as const)('is what %s bacteria come to by themselves', (key) => {
    const nitrifier = NITRIFIERS[key];
    const water = { ...AT_LIMIT, celsius: 23 };
    const most = 2 * nitrifier.uptake;
    const rate = monodRate(nitrifier, water);
    let film = 1e-3 * most;
    const step = 0.05;
    for (let day = 0; day < 400; day += step)
      film +=
        step *
        (nitrifier.growth * rate * (1 - film / most) - FILM_DECAY * foodFactor(nitrifier, water.celsius)) *
        film;
    expect(nitrificationCapacity(nitrifier, 2, water) / (film * rate)).toBeCloseTo(1, 4);
  });

  // Source: Monod’s equation; half the speed at the half-saturation, and whatever is scarcer decides.
  it('works at half its speed at half-saturation, and no faster than its oxygen lets it', () => {
    const water = { nitrogen: 0.5e-3, oxygen: 1, celsius: 25 };
    expect(monodRate(NITRIFIERS.ammonia, water)).toBeCloseTo(0.5, 9);
    expect(monodRate(NITRIFIERS.nitrite, { ...water, nitrogen: 1, oxygen: 1.1e-3 })).toBeCloseTo(0.5, 9);
  });

  it('grows with surface, warmth and what is put up with, and is never below nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 20, noNaN: true }),
        fc.double({ min: 5, max: 32, noNaN: true }),
        fc.double({ min: 1e-5, max: 5e-3, noNaN: true }),
        (surface, celsius, nitrogen) => {
          const water = { nitrogen, oxygen: oxygenSaturation(celsius), celsius };
          const load = nitrificationCapacity(NITRIFIERS.ammonia, surface, water);
          expect(load).toBeGreaterThanOrEqual(0);
          expect(nitrificationCapacity(NITRIFIERS.ammonia, 2 * surface, water)).toBeCloseTo(2 * load, 12);
          expect(
            nitrificationCapacity(NITRIFIERS.ammonia, surface, { ...water, nitrogen: 1.5 * nitrogen }),
          ).toBeGreaterThanOrEqual(load);
        },
      ),
    );
  });
});

describe('nitrogenPerDay', () => {
  // By hand: 2.2 g at 40 % give 2.2 · 0.4 · 0.092 = 81.0 mg; 0.55 g of dirt at 4.5 % another 24.8 mg: about a third.
  it('counts what rots beside what the animals give off', () => {
    expect(nitrogenPerDay(tankOf(200, 2.2)).likely * 1e6).toBeCloseTo(105.7, 0);
    // What is not entered is assumed: 2 g for 200 L.
    const assumed = nitrogenPerDay({ ...tankOf(200, 2), feed: { amount: null, protein: 0.4 } });
    expect(assumed.likely).toBeCloseTo(nitrogenPerDay(tankOf(200, 2)).likely, 9);
  });
});

describe('bacteriaCover', () => {
  // What keepers find: foam of 30 ppi has about 0.89 m² usable a litre, rough mineral about a third of that.
  const litres = (mineral: number, foam: number) => 0.33 * mineral + 0.89 * foam;

  // Common practice, no source: a large canister is several times enough, a small hang-on-back needs its tank’s own film.
  it.each([
    ['200 L planted on a large canister', tankOf(200, 2.2), litres(4.4, 2), 5],
    ['64 L on a small hang-on-back', tankOf(64, 0.9), litres(0.4, 0.2), 2],
    ['120 L fed 3 g on two litres of media', tankOf(120, 3), litres(1, 1), 1.6],
  ])('is believable for %s', (_, tank, surface, about) => {
    const { withTank } = bacteriaCover(tank, homes(tank, surface)) ?? {};
    expect((withTank?.likely ?? 0) / about).toBeGreaterThan(0.65);
    expect((withTank?.likely ?? 0) / about).toBeLessThan(1.5);
    expect(withTank?.low).toBeLessThan(withTank?.likely ?? 0);
    expect(withTank?.high).toBeGreaterThan(withTank?.likely ?? 0);
  });

  it('of the small hang-on-back alone is less than its fish need', () => {
    const cover = bacteriaCover(tankOf(64, 0.9), homes(tankOf(64, 0.9), litres(0.4, 0.2)));
    expect(cover?.filtersAlone.likely).toBeGreaterThan(0.6);
    expect(cover?.filtersAlone.likely).toBeLessThan(1);
  });

  it('says nothing without food, and halves with twice the food', () => {
    expect(bacteriaCover(tankOf(100, 0), homes(tankOf(100, 0), 1))).toBeNull();
    const [once, twice] = [1, 2].map(
      (food) => bacteriaCover(tankOf(100, food), homes(tankOf(100, food), 1))?.withTank.likely ?? 0,
    );
    expect((once ?? 0) / (twice ?? 1)).toBeCloseTo(2, 6);
  });
});

describe('inTankBacteriaSurface', () => {
  it('is least in a bare tank', () => {
    const water = {
      how: 'measured',
      shape: { form: 'box', length: 0.6, width: 0.3, height: 0.36 },
      fill: 0.32,
      substrate: { depth: 0, porosity: 0.4 },
      hardscape: { by: 'volume', volume: 0 },
    } as const;
    const bare = inTankBacteriaSurface({ water, plants: 'none' });
    // By hand: 0.6 · 0.3 m² of floor, once.
    expect(bare.likely).toBeCloseTo(0.18, 9);
    expect(inTankBacteriaSurface({ water, plants: 'dense' }).likely).toBeCloseTo(0.54, 9);
  });
});
