import { describe, expect, it } from 'vitest';
import { coverLimits } from '../biology/coverLimits';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE } from '../media/catalogue';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { formatSentence } from '../units/sentence';
import { bacteriaDetails } from './bacteriaDetails';
import { claimedSurfaces } from './claimedSurface';
import { aloneOn } from './surroundings';
import { evaluatePack, type PackReport } from './evaluatePack';
import { describeBottleneck } from './describeBottleneck';
import { tankSizes } from './tankSizes';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const tank: Tank = {
  ...newTank('t', 'Test', 0.2),
  temperature: 25,
  pH: 7.6,
  feed: { amount: { by: 'weight', perDay: 2e-3 }, protein: 0.4 },
};
const layers: Layer[] = [
  plainLayer('a', 'foam-30', 'tray-4', 0.04),
  plainLayer('b', 'porous-ceramic', 'tray-3', 0.08),
  plainLayer('c', 'porous-ceramic', 'tray-2', 0.08),
];
const report = (change: Partial<Tank> = {}, list = layers, found?: readonly Layer[]): PackReport =>
  evaluatePack({ ...aloneOn({ ...tank, ...change }), filter, layers: list, flow: null, found });
const bacteria = (...args: Parameters<typeof report>) => {
  const found = report(...args).bacteria;
  if (found === null) throw new Error('Nothing is fed.');
  return { ...found, ...bacteriaDetails({ ...tank, ...args[0] }, found) };
};

describe('what the bacteria of a pack do', () => {
  it('takes up all of the load, each layer its part', () => {
    const found = bacteria();
    const inFilter = found.layers.reduce((sum, layer) => sum + layer.ammonia, 0);
    expect(inFilter + found.outsideShare * found.load.likely).toBeCloseTo(found.load.likely, 12);
    for (const layer of found.layers) expect(layer.ammonia).toBeGreaterThan(0);
  });

  // Source: stoichiometry, 4.57 mg of oxygen a mg of nitrogen, over the water that passes in a day.
  it('leaves the water with as much less oxygen as the nitrogen took', () => {
    const whole = report();
    const found = bacteria();
    const nitrogen = found.layers.reduce((sum, layer) => sum + layer.ammonia, 0);
    const fell = found.oxygen - (found.layers.at(-1)?.oxygenAfter ?? 0);
    expect(fell / ((4.57 * nitrogen) / (whole.water.flow * 86_400))).toBeCloseTo(1, 2);
  });

  // By hand, stoichiometry: 7.14 mg of CaCO₃ a mg N; 17.85 mg/L are a degree.
  it('uses up carbonate hardness', () => {
    const found = bacteria();
    expect(found.carbonatePerWeek).toBeCloseTo((found.load.likely * 7.145 * 7) / (0.2 * 17.848e-3), 1);
  });

  // Source: Emerson et al. 1975, as in ammoniaShare.
  it('says how much of the ammonia is free, once the pH is known', () => {
    expect(bacteria({ pH: null }).water.freeAmmonia).toBeNull();
    expect(bacteria({ pH: 8.4 }).water.freeAmmonia).toBeGreaterThan(
      5 * (bacteria({ pH: 7.4 }).water.freeAmmonia ?? 1),
    );
  });
});

describe('ready now', () => {
  it('is what lives there: all of it in a pack that stands, none of new media', () => {
    const all = bacteria().atOnce.likely;
    const none = bacteria({}, layers, []).atOnce.likely;
    const half = bacteria({}, layers, layers.slice(0, 2)).atOnce.likely;
    expect(none).toBeLessThan(half);
    expect(half).toBeLessThan(all);
    // Once grown it processes as much, whatever was new.
    expect(bacteria({}, layers, []).withTank.likely).toBeCloseTo(bacteria().withTank.likely, 9);
  });

  it('falls with how the layers are cleaned', () => {
    const cleaned = (treatment: Layer['treatment']): number =>
      bacteria(
        {},
        layers,
        layers.map((layer) => ({ ...layer, treatment })),
      ).atOnce.likely;
    expect(cleaned('squeeze')).toBeLessThan(cleaned('rinse'));
    expect(cleaned('rinse')).toBeLessThan(cleaned('keep'));
  });
});

describe('what limits the bacteria', () => {
  const limitOf = (...args: Parameters<typeof report>): string => {
    const found = bacteria(...args);
    return `${found.limit}: ${formatSentence(describeBottleneck(found, found))}`;
  };
  it('is the surface where nothing else gains a tenth, and says what a litre of foam adds', () => {
    expect(limitOf()).toMatch(/^surface: .*one more litre of medium foam/);
    expect(bacteria().lifted).toBeGreaterThan(bacteria().withTank.likely);
  });
  it('is the cold in a cool tank', () => {
    expect(limitOf({ temperature: 16 })).toMatch(/^temperature: .*cool water/);
  });
  it('is the water that goes around pieces cut short', () => {
    const short = layers.map((layer) => ({ ...layer, cut: { length: 0.15, width: 0.15 } }));
    expect(limitOf({}, short)).toMatch(/^passThrough: .*wall to wall/);
  });

  it('is oxygen or silt, where those are what is short', () => {
    const home = { surface: 4, passThrough: 1, open: 1, oxygen: 8e-3 };
    expect(coverLimits([{ ...home, oxygen: 0.08e-3 }], 0.5, 8e-3, 25).limit).toBe('oxygen');
    expect(coverLimits([{ ...home, open: 0.3 }], 0.5, 8e-3, 25).limit).toBe('silt');
    expect(coverLimits([home], 0.5, 8e-3, 25).limit).toBe('surface');
    expect(coverLimits([], 0, 8e-3, 25)).toMatchObject({ limit: 'surface', borne: 0 });
  });
});

describe('nitrate', () => {
  // By hand: a mass balance; without plants all of the nitrogen ends as nitrate, and what rises in a week is what a weekly
  // change of half the water has to take out: twice the rise is there before it.
  it('ends where a water change takes out what came in', () => {
    const routine = { waterChange: { share: 0.5, every: 7 }, tapNitrate: null, nitrateRemoved: 0 };
    const { nitrate, load } = bacteria({ plants: 'none', routine });
    expect(nitrate.perWeek.likely).toBeCloseTo((load.likely * 7) / 0.2, 9);
    expect(nitrate.beforeChange?.likely).toBeCloseTo(2 * nitrate.perWeek.likely, 9);
    const tap = bacteria({ plants: 'none', routine: { ...routine, tapNitrate: 2e-3 } }).nitrate;
    expect((tap.beforeChange?.likely ?? 0) - (nitrate.beforeChange?.likely ?? 0)).toBeCloseTo(2e-3, 9);
    expect(bacteria({ plants: 'dense', routine }).nitrate.perWeek.likely).toBeLessThan(
      nitrate.perWeek.likely,
    );
    expect(
      bacteria({ plants: 'none', routine: { ...routine, nitrateRemoved: 1 } }).nitrate.perWeek.high,
    ).toBe(0);
  });
});

describe('tankSizes', () => {
  // Common practice, no source: 1 kg of porous media for 100 L, 2 kg with heavy stock; about five times an hour.
  it('says each school’s size by itself', () => {
    const whole = report();
    const [weight, turns, food] = tankSizes(whole, []);
    expect((weight?.high ?? 0) / (weight?.low ?? 1)).toBeCloseTo(2, 9);
    expect(
      (turns?.low ?? 0) < whole.water.flow / (5 / 3600) && (turns?.high ?? 0) > whole.water.flow / (5 / 3600),
    ).toBe(true);
    expect(food?.low).toBeCloseTo((whole.bacteria?.withTank.low ?? NaN) * 0.2, 9);
    const foam = tankSizes(report({}, layers.slice(0, 1)), []);
    expect(foam[0]?.high).toBeNull();
    expect(
      tankSizes(
        report({ plants: 'none', feed: { amount: { by: 'weight', perDay: 0 }, protein: 0.4 } }),
        [],
      )[2]?.high,
    ).toBeNull();
  });
});

describe('claimedSurfaces', () => {
  it('puts what a film can use first, however much is claimed', () => {
    const rows = claimedSurfaces(CATALOGUE);
    const foam = rows.findIndex(({ medium }) => medium.id === 'foam-45');
    const glass = rows.find(({ medium }) => medium.id === 'sintered-glass');
    expect(foam).toBeLessThan(rows.indexOf(glass!));
    expect((glass?.claimed ?? 0) / (glass?.usable.likely ?? 1)).toBeCloseTo(glass?.times ?? NaN, 9);
    expect(glass?.times).toBeGreaterThan(100);
  });
});
