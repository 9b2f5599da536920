import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { presetFilter } from '../filter/presetFilter';
import { operatingPoint } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import type { Geometry } from '../media/geometry';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { courseBy, crossing, serviceCourse, serviceDayOf } from './serviceCourse';
import { BROWN_SHARE } from './fullness';
import { USUAL_DIRT } from './dirtNumbers';
import { odexClogging } from '../../reference/odexClogging';
import type { CloggingInput } from './clogging';
import { simulateClogging, type CloggingSimulation } from './cloggingSimulation';

const LITRES_PER_HOUR = 1e-3 / 3600;

const tankOf = (volume: number, food: number, change: Partial<Tank> = {}): Tank => ({
  ...newTank('t', 'Test', volume),
  temperature: 25,
  plants: 'none',
  feed: { amount: { by: 'weight', perDay: food }, protein: 0.4 },
  ...change,
});

/** A basket with a lip and a way past the pack over a crest. */
function basket(
  [length, width, depth]: readonly [number, number, number],
  labelFlow: number,
  shutOff: number,
  lip: number,
  notch: { readonly aboveLip: number; readonly width: number },
): Filter {
  const base = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
  const [first] = base.chambers;
  if (first === undefined || base.spill === null) throw new Error('The preset has changed.');
  return {
    ...base,
    labelFlow: labelFlow * LITRES_PER_HOUR,
    pump: { power: null, internalLoss: 0.25, head: { by: 'label', shutOff } },
    spill: { ...base.spill, lipAboveTank: 0.02, lipAboveFloor: lip, notch },
    chambers: [{ ...first, shape: { form: 'box', length, width }, depth, stop: null }],
  };
}

/** The hang-on-back of the calibration: a basket of 82 × 64 × 100 mm, label 540 L/h. */
const hangOnBack = (): Filter =>
  basket([0.082, 0.064, 0.1], 540, 0.5, 0.07, { aboveLip: 0.025, width: 0.06 });

/** Its larger neighbour: 120 × 80 mm, label 650 L/h. */
const largerHangOnBack = (): Filter =>
  basket([0.12, 0.08, 0.1], 650, 0.6, 0.09, { aboveLip: 0.025, width: 0.08 });

/** The same body with one flat cartridge of 120 × 130 mm across the water. */
function cartridgeBody(): Filter {
  const body = largerHangOnBack();
  const [first] = body.chambers;
  if (first === undefined) throw new Error('No chamber.');
  return {
    ...body,
    chambers: [{ ...first, shape: { form: 'box', length: 0.12, width: 0.13 }, depth: 0.02, way: 'across' }],
  };
}

/** Slots in the tank whose dividers end some way under its water. */
const dividers = (belowWater: number): Filter => ({
  ...presetFilter('internal-compartments', { id: 'f', tankId: 't' }, 'Test'),
  openEdge: { belowWater, width: 0.22 },
});

/** The canister of the calibration: 200 × 185 mm, label 1,120 L/h, 2.8 m of smooth hose, fittings of 7. */
function canister(): Filter {
  const base = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
  const [tray] = base.chambers;
  if (tray === undefined || base.hoses === null) throw new Error('The preset has changed.');
  return {
    ...base,
    labelFlow: 1120 * LITRES_PER_HOUR,
    pump: { power: null, internalLoss: null, head: { by: 'label', shutOff: 1.9 } },
    hoses: { ...base.hoses, bore: 0.0155, intake: 1.4, outlet: 1.4, inside: 'clean' },
    chambers: [
      {
        ...tray,
        id: 'c',
        shape: { form: 'box', length: 0.2, width: 0.185 },
        depth: 0.5,
        stop: null,
      },
    ],
  };
}

type Medium = 'rings' | 'coarse' | 'medium' | 'floss' | 'stone';
const PIECES: Readonly<Record<Medium, readonly [string, number]>> = {
  rings: ['rings-dense', 0.04],
  coarse: ['foam-15', 0.03],
  medium: ['foam-30', 0.03],
  floss: ['floss-loose', 0.02],
  stone: ['porous-ceramic', 0.21],
};
const USUAL: readonly Medium[] = ['rings', 'coarse', 'medium', 'floss', 'stone'];
const pack = (order: readonly Medium[]): Layer[] =>
  order.map((medium) => plainLayer(medium, PIECES[medium][0], 'c', PIECES[medium][1]));

/** The media that the calibration names, where the catalogue’s are a little different. */
const NAMED: Readonly<Record<string, Geometry>> = {
  // Small rings with a surface per volume of 7.2 mm grains, ε 0.68, pore 2.9 mm.
  'rings-dense': { form: 'rings', outerDiameter: 0.00935, bore: 0.0029, length: 0.00935, porosity: 0.68 },
  'porous-ceramic': { form: 'grains', grainSize: 0.012, porosity: 0.5 },
};
const named = (inFlow: readonly PlacedLayer[]): PlacedLayer[] =>
  inFlow.map((placed) => {
    const geometry = NAMED[placed.medium.id];
    return geometry === undefined ? placed : { ...placed, medium: { ...placed.medium, geometry } };
  });

/** The cases of the calibration were computed without settlement. */
const NO_SETTLEMENT = { ...USUAL_DIRT, retention: 0 };

function simulation(
  filter: Filter,
  layers: Layer[],
  tank: Tank,
  change: Partial<CloggingInput> = {},
): CloggingSimulation {
  const result = simulateClogging({
    tank,
    own: { filter, inFlow: named(placeLayers(filter, layers)), visits: [] },
    others: [],
    days: 365,
    numbers: NO_SETTLEMENT,
    ...change,
  });
  if (result === null) throw new Error('Nothing is fed.');
  return result;
}

const serviceDay = (filter: Filter, layers: Layer[], tank: Tank, change: Partial<CloggingInput> = {}) =>
  serviceDayOf(courseBy(simulation(filter, layers, tank, change), 'through'));

const caughtBy = (result: CloggingSimulation, place: number, layers: number, day: number): number =>
  result.caughtBy[day * layers + place] ?? NaN;

/** A third either way: what an independent implementation of the same equations may differ by. */
function expectWithin(found: number | null, reference: number, band = 0.35): void {
  expect(found).not.toBeNull();
  expect(found ?? 0).toBeGreaterThan(reference * (1 - band));
  expect(found ?? 0).toBeLessThan(reference * (1 + band));
}

// Source: service days of an independent solution of the same equations, made for this project.
describe('the calibrated cases', () => {
  const downTo = (result: CloggingSimulation, share: number): number | null =>
    crossing(result.through, share * (result.through[0] ?? 0));

  it.each([
    [45, 9.3, 13],
    [30, 19, 29],
    [15, 64, 131],
  ])(
    'a small basket of foam of %d ppi, 0.9 g of food a day: 60 %% of the clean flow goes through on day %d, 25 %% on day %d',
    (grade, weak, low) => {
      const hang = hangOnBack();
      const layers = [plainLayer('a', `foam-${grade}`, hang.chambers[0]?.id ?? '', 0.1)];
      const result = simulation(hang, layers, tankOf(0.07, 0.9e-3));
      expectWithin(downTo(result, 0.6), weak);
      expectWithin(downTo(result, 0.25), low);
    },
  );

  const GRADED: readonly Medium[] = ['coarse', 'medium', 'floss', 'stone'];

  it.each([
    [3e-3, 117],
    [6e-3, 51],
    [2e-3, 212],
  ])('a canister of graded foam, floss and stone, %d kg of food a day: %d days', (food, reference) => {
    const filter = canister();
    const days = serviceDay(filter, pack(GRADED), tankOf(0.28, food));
    expectWithin(days, reference);
    const clean = simulation(filter, pack(GRADED), tankOf(0.28, food), { days: 1 });
    expect((clean.flow[0] ?? 0) / filter.labelFlow).toBeCloseTo(0.7, 1);
    // Rings before them change next to nothing.
    expectWithin(serviceDay(filter, pack(USUAL), tankOf(0.28, food)), days ?? 0, 0.015);
  });

  it('floss before the foams: 69 days', () => {
    const order: Medium[] = ['floss', 'coarse', 'medium', 'stone'];
    expectWithin(serviceDay(canister(), pack(order), tankOf(0.28, 3e-3)), 69);
  });

  it.each([
    [0, 117],
    [0.28e-3, 103],
    [0.7e-3, 86],
  ])('litter of %d kg a day: %d days', (perDay, reference) => {
    const planted = tankOf(0.28, 3e-3, { litter: { perDay, floating: false } });
    expectWithin(serviceDay(canister(), pack(GRADED), planted), reference);
  });

  it('foams and floss behind the stone: silt into it more than five times as fast', () => {
    const tank3 = tankOf(0.28, 3e-3);
    const before = simulation(canister(), pack(GRADED), tank3, { days: 90 });
    const behind = simulation(canister(), pack(['stone', 'coarse', 'medium', 'floss']), tank3, { days: 90 });
    expect(caughtBy(behind, 0, 4, 90) / caughtBy(before, 3, 4, 90)).toBeGreaterThan(5);
  });

  const stone = plainLayer('stone', 'porous-ceramic', 'c', 0.21);
  it.each([
    [
      'foams of 15, 30 and 45 ppi, then stone',
      [...[15, 30, 45].map((grade) => plainLayer(`f${grade}`, `foam-${grade}`, 'c', 0.03)), stone],
      136,
    ],
    ['foam of 45 ppi alone', [plainLayer('fine', 'foam-45', 'c', 0.12)], 66],
    ['foam of 30 ppi alone', [plainLayer('medium', 'foam-30', 'c', 0.12)], 272],
  ] as const)('a canister of %s: %d days', (_, layers, reference) => {
    expectWithin(serviceDay(canister(), [...layers], tankOf(0.28, 3e-3)), reference, 0.5);
  });

  const small = tankOf(0.064, 0.9e-3);
  it.each([
    [
      'loose floss, then foam',
      largerHangOnBack(),
      [plainLayer('floss', 'floss-loose', 'basket', 0.02), plainLayer('foam', 'foam-30', 'basket', 0.06)],
      15,
      26,
    ],
    [
      'two foams, a bonded pad and stone',
      largerHangOnBack(),
      [
        plainLayer('coarse', 'foam-15', 'basket', 0.03),
        plainLayer('medium', 'foam-30', 'basket', 0.02),
        plainLayer('pad', 'floss-bonded', 'basket', 0.015),
        plainLayer('stone', 'porous-ceramic', 'basket', 0.04),
      ],
      16,
      28,
    ],
    ['a flat cartridge', cartridgeBody(), [plainLayer('a', 'cartridge', 'basket', 0.008)], 18, 28],
  ] as const)(
    'a hang-on-back with %s: 60 %% of the clean flow goes through on a day, 25 %% on another',
    (_, filter, layers, weak, low) => {
      const result = simulation(filter, [...layers], small);
      expectWithin(downTo(result, 0.6), weak);
      expectWithin(downTo(result, 0.25), low);
    },
  );

  // Common practice, no source: in planted tanks an intake sponge is squeezed every two to four weeks.
  it.each([
    [6e-3, 0],
    [6e-3, 0.7e-3],
    [3e-3, 0.7e-3],
  ])(
    'a sleeve on the intake, %d kg of food and %d of litter a day: brown within one to four weeks',
    (food, perDay) => {
      const base = addIntakeSponge(canister());
      const filter: Filter = {
        ...base,
        chambers: base.chambers.map((chamber) =>
          chamber.where === 'intake'
            ? { ...chamber, shape: { form: 'box', length: 0.2, width: 0.1 }, way: 'across', depth: 0.03 }
            : chamber,
        ),
      };
      const sleeve = plainLayer('s', 'foam-30', 'intake-sponge', 0.03);
      const result = simulation(
        filter,
        [sleeve, ...pack(USUAL)],
        tankOf(0.28, food, { litter: { perDay, floating: false } }),
        { days: 120 },
      );
      const free = Array.from({ length: 121 }, (_, day) => 1 - (result.fullness[day * 6] ?? 0));
      const day = crossing(free, 1 - BROWN_SHARE);
      expect(day).toBeGreaterThan(7);
      expect(day).toBeLessThan(4 * 7);
      // Its dirt takes less of the pump's head by then than half of it.
      expect(result.clogging[Math.ceil(day ?? 0) * 6]).toBeLessThan(0.5 * 1.9);
    },
  );
});

describe('facts of the trade', () => {
  const tank = tankOf(0.28, 5e-3);
  const filter = canister();

  // Common practice, no source: fine foam clogs several times faster than coarse, guessed as one month against nine.
  it('coarse lasts several times longer than fine', () => {
    const hang = hangOnBack();
    const days = (grade: number) =>
      serviceDay(
        hang,
        [plainLayer('a', `foam-${grade}`, hang.chambers[0]?.id ?? '', 0.1)],
        tankOf(0.07, 1.5e-3),
      );
    expect((days(30) ?? 0) / (days(45) ?? Infinity)).toBeGreaterThan(2);
    expect((days(15) ?? Infinity) / (days(45) ?? Infinity)).toBeGreaterThan(5);
  });

  // Common practice, no source: each grade unloads the next.
  it('grading lengthens the interval', () => {
    const graded = serviceDay(filter, pack(['coarse', 'medium', 'floss', 'stone']), tank);
    const floss = serviceDay(filter, pack(['floss', 'stone']), tank);
    expect(graded ?? Infinity).toBeGreaterThan(1.5 * (floss ?? Infinity));
  });

  // Common practice, no source: floss first is chosen on purpose; a pad a month spares the foam.
  it('floss first clogs soonest of all places, and spares the foam', () => {
    const places: Medium[][] = [
      ['floss', 'coarse', 'medium', 'stone'],
      ['coarse', 'floss', 'medium', 'stone'],
      ['coarse', 'medium', 'floss', 'stone'],
    ];
    const days = places.map((order) => serviceDay(filter, pack(order), tank) ?? Infinity);
    expect(days[0]).toBeLessThan(Math.min(...days.slice(1)));
    const first = simulation(filter, pack(places[0] ?? []), tank, { days: 30 });
    const last = simulation(filter, pack(places[2] ?? []), tank, { days: 30 });
    expect(caughtBy(first, 1, 4, 30)).toBeLessThan(0.5 * caughtBy(last, 0, 4, 30));
  });

  // Common practice, no source: a hang-on-back full of floss lets the canister stay shut for three months or more.
  it('a second mechanical filter extends the canister’s interval', () => {
    const hang = hangOnBack();
    const inFlow = placeLayers(hang, [plainLayer('a', 'foam-45', hang.chambers[0]?.id ?? '', 0.1)]);
    const alone = serviceDay(filter, pack(USUAL), tank) ?? Infinity;
    const helped = serviceDay(filter, pack(USUAL), tank, { others: [{ filter: hang, inFlow }] }) ?? Infinity;
    expect(helped).toBeGreaterThan(1.2 * alone);
  });

  // Common practice, no source: where pumps point decides whether dirt reaches the filter.
  it('a circulation pump that blows at the intake brings the filter more of the dirt', () => {
    const fromTheLeft = (aim: 'along the tank' | 'up') =>
      simulation(
        { ...filter, intakes: filter.intakes.map((intake) => ({ ...intake, place: 'right' })) },
        pack(USUAL),
        {
          ...tank,
          circulation: [{ place: 'left', aim, flow: 1e-3 }],
        },
      );
    const caught = (run: CloggingSimulation): number => caughtBy(run, 0, USUAL.length, 60);
    expect(caught(fromTheLeft('along the tank'))).toBeGreaterThan(1.02 * caught(fromTheLeft('up')));
  });

  // Common practice, no source: an intake sponge is an easy first grade.
  it('an intake sponge keeps dirt out of the body', () => {
    const hang = addIntakeSponge(hangOnBack());
    const [sponge, basket] = hang.chambers;
    const foam = plainLayer('a', 'foam-30', basket?.id ?? '', 0.1);
    const bare = simulation(hang, [foam], tankOf(0.07, 0.9e-3), { days: 20 });
    const guarded = simulation(
      hang,
      [plainLayer('s', 'foam-20', sponge?.id ?? '', 0.02), foam],
      tankOf(0.07, 0.9e-3),
      { days: 20 },
    );
    expect(caughtBy(guarded, 1, 2, 20)).toBeLessThan(caughtBy(bare, 0, 1, 20));
  });

  // Common practice, no source: rings and the open floor drop heavy dirt before the foam.
  it('a clogging pack in the tank is passed over dividers that end under the water, and only there', () => {
    const layers = [
      plainLayer('a', 'foam-30', 'slot-1', 0.06),
      plainLayer('b', 'floss-bonded', 'slot-2', 0.02),
    ];
    const tank = tankOf(0.15, 2e-3);
    const [at, under] = [0, 0.003].map((belowWater) => simulation(dividers(belowWater), layers, tank));
    for (const day of [0, 180]) expect(at?.through[day]).toBeCloseTo(at?.flow[day] ?? NaN, 12);
    const through = (day: number): number => (under?.through[day] ?? NaN) / (under?.flow[day] ?? NaN);
    expect(through(0)).toBeLessThan(1);
    expect(through(180)).toBeLessThan(through(0));
    // As the water over a free edge: the outlet still gives what goes over, with the pack as good as shut.
    expect(under?.flow[365]).toBeGreaterThan(at?.flow[365] ?? Infinity);
    const filter = dividers(0.003);
    const clean = operatingPoint(filter, placeLayers(filter, layers), 25);
    expect(through(0)).toBeCloseTo(1 - clean.pastShare, 6);
  });

  it('settlement takes dirt from the first foam', () => {
    const days = (retention: number) =>
      serviceDay(filter, pack(USUAL), tank, { numbers: { ...USUAL_DIRT, retention } }) ?? Infinity;
    expect(days(0.5)).toBeGreaterThanOrEqual(days(0));
  });

  it('floating plants close a bare strainer, and not one under a sponge', () => {
    const floating = tankOf(0.28, 0, { litter: { perDay: 0.3e-3, floating: true } });
    const bare = simulation(filter, [], floating, { days: 120 });
    expect(bare.strainerOpen[120]).toBeLessThan(0.7);
    expect(bare.flow[120]).toBeLessThan(bare.flow[0] ?? 0);
    // Common practice, no source: among dense floating plants a bare strainer can halve the flow in weeks.
    const dense = tankOf(0.28, 3e-3, { litter: { perDay: 0.7e-3, floating: true } });
    const weeks = simulation(filter, [], dense, { days: 84 });
    expect(weeks.flow[14]).toBeGreaterThan(0.5 * (weeks.flow[0] ?? 0));
    expect(weeks.flow[84]).toBeLessThan(0.5 * (weeks.flow[0] ?? 0));
    const guarded = addIntakeSponge(filter);
    const layers = [plainLayer('s', 'foam-20', 'intake-sponge', 0.02)];
    expect(simulation(guarded, layers, floating, { days: 120 }).strainerOpen[120]).toBe(1);
  });
});

describe('invariants', () => {
  const hang = hangOnBack();
  const basket = hang.chambers[0]?.id ?? '';
  const anyLayer = fc.record({
    medium: fc.constantFrom('foam-15', 'foam-30', 'foam-45', 'floss-bonded', 'rings-dense', 'lava', 'resin'),
    thickness: fc.double({ min: 0.004, max: 0.05, noNaN: true }),
    short: fc.boolean(),
    filled: fc.boolean(),
  });
  const layersOf = (
    list: readonly { medium: string; thickness: number; short: boolean; filled: boolean }[],
  ) =>
    list.map(({ medium, thickness, short, filled }, index): Layer => ({
      ...plainLayer(`l${index}`, medium, basket, thickness),
      cut: short ? { length: 0.074, width: 0.058 } : null,
      gapFill: filled ? 'floss' : 'open',
    }));
  const food = fc.double({ min: 0, max: 0.02, noNaN: true });

  it('books every gram: no more is caught than is made, and caught = stored + rotted + removed', () => {
    fc.assert(
      fc.property(fc.array(anyLayer, { maxLength: 4 }), food, (list, fed) => {
        const layers = layersOf(list);
        const visits = layers.slice(0, 1).map(({ id }) => ({
          day: 20,
          works: [{ layerId: id, work: 'squeeze' as const }],
        }));
        const { books } = simulation(hang, layers, tankOf(0.07, fed), {
          days: 40,
          numbers: USUAL_DIRT,
          own: { filter: hang, inFlow: placeLayers(hang, layers), visits },
        });
        const scale = Math.max(books.made, 1e-9);
        expect(books.settled / scale).toBeGreaterThan(-1e-9);
        expect(Math.abs(books.caught - books.stored - books.rotted - books.removed) / scale).toBeLessThan(
          1e-9,
        );
      }),
      { numRuns: 40 },
    );
  });

  it('never gives a NaN or a flow above the label, whatever is fed and packed', () => {
    fc.assert(
      fc.property(
        fc.array(anyLayer, { maxLength: 5 }),
        fc.oneof(food, fc.constantFrom(0, 1)),
        (list, fed) => {
          const result = simulation(hang, layersOf(list), tankOf(0.07, fed), {
            days: 60,
            numbers: USUAL_DIRT,
          });
          for (const series of [result.flow, result.through, result.headroom, result.mass, result.suspended])
            expect(series.every((value) => Number.isFinite(value))).toBe(true);
          expect(Math.max(...result.flow)).toBeLessThanOrEqual(hang.labelFlow);
          expect(result.mass.every((value) => value >= 0)).toBe(true);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('more food never lengthens an interval', () => {
    const days = [0.4e-3, 0.7e-3, 1e-3, 2e-3, 5e-3, 20e-3].map(
      (fed) => serviceDay(hang, [plainLayer('a', 'foam-45', basket, 0.1)], tankOf(0.07, fed)) ?? Infinity,
    );
    expect([...days].sort((a, b) => b - a)).toEqual(days);
  });

  it('without food nothing clogs', () => {
    const still = simulation(hang, [plainLayer('a', 'foam-45', basket, 0.1)], tankOf(0.07, 0));
    expect(still.flow[365]).toBeCloseTo(still.flow[0] ?? 0, 12);
    expect(still.books.made).toBe(0);
  });

  const daily = Array.from({ length: 364 }, (_, day) => ({
    day: day + 1,
    works: [{ layerId: 'a', work: 'squeeze' as const }],
  }));
  it.each([
    ['no food', tankOf(0.07, 0), [plainLayer('a', 'foam-45', basket, 0.1)], []],
    ['ten times the food', tankOf(0.07, 9e-3), [plainLayer('a', 'foam-45', basket, 0.1)], []],
    ['a tank of 5 L', tankOf(0.005, 0.9e-3), [plainLayer('a', 'foam-45', basket, 0.1)], []],
    ['a basket full of floss', tankOf(0.07, 0.9e-3), [plainLayer('a', 'floss-loose', basket, 0.1)], []],
    [
      'a layer of a tenth of a millimetre',
      tankOf(0.07, 0.9e-3),
      [plainLayer('a', 'foam-45', basket, 1e-4)],
      [],
    ],
    ['a visit on every day', tankOf(0.07, 0.9e-3), [plainLayer('a', 'foam-45', basket, 0.1)], daily],
  ] as const)('closes its books and stays within its bounds: %s', (_name, tank, layers, visits) => {
    const own = { filter: hang, inFlow: placeLayers(hang, [...layers]), visits: [...visits] };
    const { books, flow, through, fullness } = simulation(hang, [...layers], tank, {
      own,
      numbers: USUAL_DIRT,
    });
    const { made, caught, settled, stored, rotted, removed } = books;
    expect(Math.abs(made - caught - settled)).toBeLessThanOrEqual(1e-9 * made);
    expect(Math.abs(caught - stored - rotted - removed)).toBeLessThanOrEqual(1e-9 * made);
    for (const day of [0, 1, 100, 365]) {
      expect(flow[day]).toBeGreaterThan(0);
      expect(through[day]).toBeGreaterThanOrEqual(0);
      expect(through[day]).toBeLessThanOrEqual(flow[day]!);
      expect(fullness[day]).toBeGreaterThanOrEqual(0);
      expect(fullness[day]).toBeLessThanOrEqual(1);
    }
  });

  /** A down-flow canister of one box, 2.8 m of 19 mm hose. */
  const boxed = (length: number, width: number, labelFlow: number, shutOff: number): Filter => {
    const body = canister();
    const [chamber] = body.chambers;
    return {
      ...body,
      labelFlow: labelFlow * LITRES_PER_HOUR,
      pump: { ...body.pump, head: { by: 'label', shutOff } },
      hoses: { ...body.hoses!, bore: 0.019 },
      chambers: [{ ...chamber!, shape: { form: 'box', length, width } }],
    };
  };
  const stack = (pieces: readonly (readonly [string, number])[]): Layer[] =>
    pieces.map(([medium, millimetres], index) => plainLayer(`l${index}`, medium, 'c', millimetres / 1000));
  const cases: readonly (readonly [string, Filter, Layer[], Tank])[] = [
    [
      'a canister of grains, floss and foam on much food',
      boxed(0.144, 0.152, 1294, 1.37),
      stack([
        ['porous-ceramic', 106],
        ['lava', 37],
        ['floss-bonded', 13],
        ['foam-30', 60],
        ['foam-10', 31],
      ]),
      tankOf(0.124, 5.24e-3),
    ],
    [
      'a canister of foam and floss on much food',
      boxed(0.144, 0.147, 1067, 1.5),
      stack([
        ['foam-10', 28],
        ['foam-45', 37],
        ['foam-30', 53],
        ['floss-bonded', 14],
      ]),
      tankOf(0.202, 8.56e-3),
    ],
    ...(
      [
        ['floss-bonded', 10],
        ['floss-bonded', 20],
        ['floss-loose', 15],
        ['floss-loose', 30],
      ] as const
    ).map(([medium, depth]): (typeof cases)[number] => [
      `${medium} of ${depth} mm that lasts under two weeks`,
      boxed(0.12, 0.12, 900, 1.2),
      stack([[medium, depth]]),
      tankOf(0.15, 6e-3),
    ]),
    ['a basket of foam', hang, [plainLayer('a', 'foam-45', basket, 0.1)], tankOf(0.07, 0.9e-3)],
    ['a canister', canister(), pack(USUAL), tankOf(0.28, 6e-3)],
    ['a cartridge', cartridgeBody(), [plainLayer('a', 'cartridge', 'basket', 0.008)], tankOf(0.064, 0.9e-3)],
  ];
  it.each(cases)('%s hardly moves with slices and steps', (_name, filter, layers, tank) => {
    const days = (slices: number, steps: number) =>
      serviceDay(filter, layers, tank, { days: 120, refine: { slices, steps } }) ?? 0;
    const usual = days(1, 1);
    expect(Math.abs(days(1, 16) / usual - 1)).toBeLessThan(0.01);
    expect(Math.abs(days(2, 1) / usual - 1)).toBeLessThan(0.02);
  });

  it.each(cases)(
    '%s is only drawn roughly once it is due, where a run is brief',
    (_name, filter, layers, tank) => {
      const [whole, brief] = [false, true].map((brief) =>
        simulation(filter, layers, tank, { days: 365, brief }),
      ) as [CloggingSimulation, CloggingSimulation];
      expect(serviceDayOf(serviceCourse(brief))).toBe(serviceDayOf(serviceCourse(whole)));
      whole.through.forEach((through, day) =>
        expect(Math.abs(brief.through[day]! - through)).toBeLessThan(0.03 * whole.through[0]!),
      );
    },
  );

  // Source: Hairer & Wanner’s ODEX on the equations of all slices, written down a second time (reference/odexClogging.ts).
  it.each([
    ['foam', 'foam-45', 0.12, 16, [0, 20, 40, 60, 70]],
    ['floss', 'floss-loose', 0.04, 20, [0, 20, 40, 60, 80]],
  ] as const)('%s clogs as an exact solution in time says', (_name, medium, thickness, slices, days) => {
    const filter = canister();
    const tank = tankOf(0.28, 3e-3);
    const layers = [plainLayer('only', medium, 'c', thickness)];
    const { flow } = simulation(filter, layers, tank, { days: days.at(-1)! });
    const [placed] = placeLayers(filter, layers);
    const exact = odexClogging({ tank, filter, placed: placed! }, NO_SETTLEMENT, slices, 0.1, days, 1e-5);
    expect(flow[days.at(-1)!]! / flow[0]!).toBeLessThan(0.8);
    exact.forEach((value, index) => expect(Math.abs(flow[days[index]!]! / value - 1)).toBeLessThan(0.01));
  });

  it('gives a smooth curve when a layer grows through the water line', () => {
    const shares = Array.from({ length: 91 }, (_, step) => {
      const layer = plainLayer('a', 'foam-45', 'basket', 0.03 + step * 1e-3);
      const { through } = simulation(largerHangOnBack(), [layer], tankOf(0.064, 0.9e-3), { days: 100 });
      return (through[100] ?? 0) / (through[0] ?? 1);
    });
    // What is left on day 100 lies on the line through the neighbours of every millimetre: no sawtooth.
    for (let step = 1; step < shares.length - 1; step += 1) {
      const [before, here, after] = [shares[step - 1] ?? 0, shares[step] ?? 0, shares[step + 1] ?? 0];
      expect(Math.abs(here - (before + after) / 2)).toBeLessThan(0.01);
    }
    const [thin, thick] = [shares[0] ?? 0, shares[60] ?? 0];
    expect(thin).not.toBeCloseTo(thick, 2);
  });

  it('cleaning gives the flow back, and replaced media begin anew', () => {
    const layers = [plainLayer('a', 'foam-45', basket, 0.1)];
    const served = (work: 'squeeze' | 'rinse' | 'replace'): number => {
      const visits = [{ day: 60, works: [{ layerId: 'a', work }] }];
      const own = { filter: hang, inFlow: placeLayers(hang, layers), visits };
      const { through } = simulation(hang, layers, tankOf(0.07, 0.9e-3), { days: 61, own });
      return (through[60] ?? 0) / (through[0] ?? 1);
    };
    const dirty = simulation(hang, layers, tankOf(0.07, 0.9e-3), { days: 61 });
    const before = (dirty.through[60] ?? 0) / (dirty.through[0] ?? 1);
    expect(before).toBeLessThan(0.6);
    expect(served('rinse')).toBeGreaterThan(before);
    expect(served('squeeze')).toBeGreaterThan(served('rinse'));
    expect(served('replace')).toBeCloseTo(1, 3);
  });
});
