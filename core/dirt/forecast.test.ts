import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { packFaults } from '../pack/packFaults';
import type { Lip } from '../hydraulics/lipHeight';
import { plainLayer } from '../layers/plainLayer';
import { reportOnDay } from '../report/reportOnDay';
import { cloggingInput, type ForecastInput } from './cloggingInput';
import { dayState } from './dayState';
import { drawnInput } from './drawnInput';
import { ensembleRun } from './ensemble';
import { ensembleRange } from './ensembleRange';
import { forecast } from './forecast';
import { courseBy } from './serviceCourse';
import { spongeLayer, variantsOf } from '../explore/variants';

const inputOf = (id: string, days = 120): ForecastInput => {
  const water = WATERS.find(({ filter }) => filter.id === id);
  if (water === undefined) throw new Error('No such water.');
  const { tank, filter, layers } = water;
  return { tank, filter, layers, others: [], visits: [], days };
};
const found = (input: ForecastInput) => {
  const item = forecast(input);
  if (item === null) throw new Error('Nothing is fed.');
  return item;
};

describe('dayState', () => {
  it.each(['window-sill', 'reed-bench', 'long-run', 'hatchery'])(
    'of %s is the clean report on day 0, and the simulation on any other',
    (id) => {
      const input = inputOf(id);
      const { simulation } = found(input);
      const pack = { ...aloneOn(input.tank), filter: input.filter, layers: input.layers, flow: null };
      const clean = evaluatePack(pack);
      const first = reportOnDay(clean, dayState(input, simulation, 0), pack);
      // Clean media are wholly alive; what silts up processes less.
      expect(first.bacteria?.withTank.likely).toBeCloseTo(clean.bacteria?.withTank.likely ?? NaN, 6);
      // A day that is still of the pack before a layer was taken out keeps what was known.
      const fewer = { ...pack, layers: input.layers.slice(1) };
      const before = evaluatePack(fewer);
      expect(reportOnDay(before, dayState(input, simulation, 90), fewer).bacteria).toBe(before.bacteria);
      const silted = reportOnDay(clean, dayState(input, simulation, 90), pack).bacteria;
      expect(silted?.withTank.likely).toBeLessThan(clean.bacteria?.withTank.likely ?? 0);
      expect(first.water.flow / clean.water.flow).toBeCloseTo(1, 7);
      expect(first.water.level?.headroom ?? 0).toBeCloseTo(clean.water.level?.headroom ?? 0, 7);
      clean.layers.forEach((layer, index) => {
        expect(first.layers[index]?.passThrough).toBeCloseTo(layer.passThrough, 6);
        expect(first.layers[index]?.head).toBeCloseTo(layer.head, 7);
      });
      const later = dayState(input, simulation, 90);
      // A day between two steps of the simulation is read straight; the last day always ends one.
      expect(Math.abs(later.water.flow / simulation.flow[90]! - 1)).toBeLessThan(2e-3);
      const upTo = found({ ...input, days: 90 }).simulation;
      expect(dayState(input, upTo, 90).water.flow / upTo.flow[90]!).toBeCloseTo(1, 5);
      // Pressure and pass-through of the march are those of the operating point.
      for (const { day, water } of [dayState(input, simulation, 0), later]) {
        expect(simulation.lost[day]).toBeCloseTo(water.heads.sponge + water.heads.pack, 3);
        expect(simulation.passes[day]).toBeCloseTo(
          Math.min(...water.layers.map(({ passThrough }) => passThrough)),
          3,
        );
      }
      expect(simulation.lost[90]).toBeGreaterThan(simulation.lost[0] ?? Infinity);
      const held = later.sludge
        .flat()
        .reduce((sum, { bySize }) => sum + bySize.reduce((a, b) => a + b, 0), 0);
      expect(held).toBeGreaterThan(0);
      for (const before of later.along) for (const part of before) expect(part).toBeGreaterThanOrEqual(0);
    },
  );

  it('has less dirt after the layers than before them', () => {
    const input = inputOf('reed-bench');
    const { along } = dayState(input, found(input).simulation, 30);
    const [first, last] = [along[0] ?? [], along.at(-1) ?? []];
    first.forEach((before, size) => expect(last[size]).toBeLessThanOrEqual(before));
  });
});

describe('forecast', () => {
  const sill = inputOf('window-sill', 365);

  it('moves when pads are cut to fit and an intake is sponged', () => {
    const cut = { ...sill, layers: sill.layers.map((layer) => ({ ...layer, cut: null })) };
    const before = found(sill);
    const after = found(cut);
    expect(after.serviceDay).not.toBe(before.serviceDay);
    // Pads that reach the walls catch what went around them: the stone behind them silts up less.
    expect(after.siltPerMonth).toBeLessThan(before.siltPerMonth);
    const filter = addIntakeSponge(sill.filter);
    const sponged = found({ ...cut, filter, layers: [spongeLayer(filter), ...cut.layers] });
    expect(sponged.simulation.caughtBy[30 * 5 + 1]).toBeLessThan(after.simulation.caughtBy[30 * 4] ?? 0);
  });

  it('names what clogs first, and says nothing of it where nothing clogs', () => {
    const foam = plainLayer('fine', 'foam-45', 'basket', 0.06);
    const item = found({ ...sill, layers: [plainLayer('coarse', 'foam-10', 'basket', 0.03), foam] });
    expect(item.firstToClog).toBe('fine');
    expect(item.serviceDay).not.toBeNull();
    const still = found({
      ...sill,
      tank: {
        ...sill.tank,
        plants: 'none',
        feed: { ...sill.tank.feed, amount: { by: 'weight', perDay: 0 } },
      },
    });
    expect(still).toMatchObject({ serviceDay: null, firstToClog: null, siltPerMonth: 0 });
    expect(still.lowestShare).toBeCloseTo(1, 9);
  });

  it('spills where there is no notch, while the outlet still gives nearly all', () => {
    const { spill } = sill.filter;
    if (spill === null) throw new Error('No lip.');
    const shut = { ...sill.filter, spill: { ...spill, notch: null } };
    const layers = [plainLayer('fine', 'foam-45', 'basket', 0.09)];
    const item = found({ ...sill, filter: shut, layers });
    expect(item.spillDay).not.toBeNull();
    expect(item.outletAtSpill).toBeGreaterThan(0.8);
    const open = { ...sill.filter, spill: { ...spill, notch: { aboveLip: 0.004, width: 0.09 } } };
    expect(found({ ...sill, filter: open, layers }).spillDay).toBeNull();
  });

  it('stands a kilogram of food a day, no media at all, and grains alone', () => {
    const heavy = {
      ...sill.tank,
      feed: { ...sill.tank.feed, amount: { by: 'weight' as const, perDay: 1 } },
    };
    for (const layers of [sill.layers, [], [plainLayer('a', 'resin', 'basket', 0.05)]]) {
      const { simulation, lowestShare } = found({ ...sill, tank: heavy, layers });
      expect(simulation.flow.every((flow) => Number.isFinite(flow) && flow >= 0)).toBe(true);
      expect(Number.isFinite(lowestShare)).toBe(true);
    }
  });
});

describe('ensemble', () => {
  const input = inputOf('window-sill', 120);
  const runs = Array.from({ length: 24 }, (_, number) => ensembleRun(input, 'through', number));

  it('is the same each time, differs from run to run, and lies around the likely course', () => {
    expect(ensembleRun(input, 'through', 3)).toEqual(runs[3]);
    expect(new Set(runs.map((run) => run.course[100])).size).toBe(runs.length);
    const range = ensembleRange(runs);
    const { course } = courseBy(found(input).simulation, 'through');
    for (const day of [0, 30, 60, 90]) {
      const share = course[day] ?? 0;
      expect(range?.low[day]).toBeLessThanOrEqual(share + 1e-6);
      expect(range?.high[day]).toBeGreaterThanOrEqual(share - 1e-6);
    }
  });

  it('ends for every draw, and draws how far media narrow a lip only where there is one', () => {
    const narrowed = (id: string): unknown[] =>
      Array.from({ length: 40 }, (_, run) => {
        const drawn = drawnInput(cloggingInput(inputOf(id)), run, { runs: 40, seed: 3 });
        const { spill } = drawn.own.filter;
        return spill === null ? undefined : (spill as Lip).narrowed;
      });
    const shares = narrowed('window-sill') as number[];
    expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...shares)).toBe(0.4);
    expect(shares.reduce((sum, share) => sum + share, 0) / 40).toBeCloseTo(0.29, 1);
    expect(narrowed('reed-bench').every((share) => share === undefined)).toBe(true);
    // Foam that is full to the last slice still lets water by.
    const sill = { ...inputOf('window-sill'), days: 365 };
    for (let run = 0; run < 12; run += 1) {
      const { course } = ensembleRun(sill, 'headroom', run);
      expect(course.every(Number.isFinite)).toBe(true);
      expect(Math.min(...course)).toBeGreaterThan(-2);
    }
  });

  // The whole judgement, ten seeds against a thousand runs, is `npm run judge`.
  it('gives nearly the same range for two seeds', () => {
    const sill = inputOf('window-sill', 150);
    const foam = { ...sill, layers: [plainLayer('fine', 'foam-45', 'basket', 0.1)] };
    const rangeOf = (seed: number): readonly number[] => {
      const found = ensembleRange(
        Array.from({ length: 100 }, (_, run) =>
          ensembleRun(foam, 'through', run, { runs: 100, seed }),
        ).filter((run) => run !== null),
      );
      return [found?.earliest ?? NaN, found?.latest ?? NaN];
    };
    const [one, another] = [rangeOf(1), rangeOf(2)];
    one.forEach((day, end) => expect(Math.abs(day / another[end]! - 1)).toBeLessThan(0.15));
  });

  it('calls a range open where some runs never need service', () => {
    const course = new Float32Array(3);
    const run = (serviceDay: number | null) => ({ course, serviceDay });
    expect(ensembleRange([run(10), run(20), run(null), run(null)])).toMatchObject({
      earliest: expect.closeTo(13, 9) as number,
      latest: null,
    });
    expect(ensembleRange([])).toBeNull();
  });
});

describe('variantsOf', () => {
  it.each(WATERS.map(({ filter }) => filter.id))(
    'lays %s out in other ways that all can be forecast',
    (id) => {
      const variants = variantsOf(inputOf(id, 30));
      expect(new Set(variants.map(({ key }) => key)).size).toBe(variants.length);
      for (const { input } of variants) {
        expect(packFaults(input.filter, input.layers)).toEqual([]);
        expect(new Set(input.layers.map((layer) => layer.id)).size).toBe(input.layers.length);
        expect(forecast(input)).not.toBeNull();
      }
    },
  );

  it('puts the finest pad before, after and on both sides of the biological media', () => {
    const variants = variantsOf(inputOf('reed-bench', 30));
    const order = (key: string): string[] =>
      (variants.find((variant) => variant.key === key)?.input.layers ?? []).map(({ medium }) => medium);
    expect(order('fine before')).toEqual([
      'rings-dense',
      'foam-15',
      'foam-30',
      'floss-bonded',
      'porous-ceramic',
      'porous-ceramic',
    ]);
    expect(order('fine after').at(-1)).toBe('floss-bonded');
    expect(order('fine both').filter((medium) => medium === 'floss-bonded')).toHaveLength(2);
    expect(order('settlement')).not.toContain('rings-dense');
  });
});
