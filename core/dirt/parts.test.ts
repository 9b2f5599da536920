import { describe, expect, it } from 'vitest';
import { fluidAt, GRAVITY } from '../hydraulics/fluid';
import { bedSolids, layerResistance } from '../hydraulics/layerResistance';
import { CATALOGUE, mediumById } from '../media/catalogue';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { cutBeds } from './beds';
import { arrivalOf } from './arrival';
import { captureDirt, captureOf } from './capture';
import { captureTable, placeIn, TABLE_NUMBERS, TABLE_ROW, tableCoefficient } from './captureTable';
import { depositStep } from './depositStep';
import { DIRT_PROVENANCE, USUAL_DIRT } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { coefficientAt, collectorOf, sizeCoefficient, type Collector } from './filterCoefficient';
import { loosenessIn } from './looseness';
import { fouledResistance, packedBy, PER_THREAD, type FouledResistance } from './fouledResistance';
import { settlingSpeed } from './settlingSpeed';
import { SIZE_CLASSES, SIZES } from './sizeClasses';
import { ultimateDeposit } from './ultimateDeposit';
import { suspendedSolids, settlingRates } from './massBalance';

const FLUID = fluidAt(25);

const coefficientsOf = (
  collector: Collector,
  sinking: number | Float64Array,
  speed: number,
  deposit = 0,
): Float64Array => {
  const speeds = typeof sinking === 'number' ? new Float64Array(SIZE_CLASSES.length).fill(sinking) : sinking;
  return Float64Array.from(SIZE_CLASSES, ({ diameter }, size) =>
    coefficientAt(sizeCoefficient(collector, deposit, diameter), speeds[size] ?? 0, speed),
  );
};

describe('a uniform clean bed', () => {
  // Source: Iwasaki 1937, dC/dx = −λC, whose solution is exponential; from memory.
  it.each(['foam-30', 'floss-bonded', 'lava', 'scrubbers'])(
    'lets e^(−λL) of every size through %s, however it is sliced',
    (medium) => {
      const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
      const inFlow = placeLayers(filter, [plainLayer('a', medium, 'tray-4', 0.05)]);
      const flow = 2e-4;
      const sinking = Float64Array.from(SIZE_CLASSES, ({ diameter }) => settlingSpeed(diameter, FLUID));
      for (const refine of [1, 3]) {
        const beds = cutBeds(inFlow, FLUID, USUAL_DIRT, Infinity, refine);
        const into = captureOf(beds);
        captureDirt(
          { beds, inFlow, openFloor: null, sinking, retention: 0, arrives: SIZE_CLASSES.map(() => 1) },
          new Float64Array(beds.slices),
          [{ whole: flow, own: flow, beside: 0 }],
          flow,
          into,
        );
        const speed = flow / (beds.area[0] ?? 1);
        const { geometry } = mediumById(medium);
        const collector = collectorOf(geometry, bedSolids(geometry, 1), USUAL_DIRT.attachment);
        const lambdas = coefficientsOf(collector, sinking, speed);
        SIZE_CLASSES.forEach((_, size) => {
          const caught = 1 - Math.exp(-(lambdas[size] ?? 0) * 0.05);
          expect((into.whole[size] ?? 0) / flow).toBeCloseTo(caught, 9);
          expect(into.along[SIZES + size]).toBeCloseTo(1 - caught, 9);
          const cleared = Array.from(
            { length: beds.slices },
            (_slice, slice) => into.cleared[slice * SIZES + size] ?? 0,
          ).reduce((sum, value) => sum + value, 0);
          expect(cleared).toBeCloseTo(into.whole[size] ?? 0, 15);
        });
      }
    },
  );
});

describe('settlingSpeed', () => {
  // Source: Stokes’ law, Δρ g d²/18μ, which holds while Re is far below 1; from memory.
  it('is Stokes’ for the finest, and less for the largest', () => {
    const stokes = (diameter: number) => (60 * GRAVITY * diameter ** 2) / (18 * FLUID.viscosity);
    expect(settlingSpeed(8e-6, FLUID) / stokes(8e-6)).toBeCloseTo(1, 3);
    expect(settlingSpeed(1e-3, FLUID) / stokes(1e-3)).toBeLessThan(0.6);
  });

  // Source: Schiller & Naumann’s own balance, weight under water = C_d ½ρv² πd²/4; from memory.
  it('balances weight and drag', () => {
    const d = 1e-3;
    const v = settlingSpeed(d, FLUID);
    const reynolds = (FLUID.density * v * d) / FLUID.viscosity;
    const drag =
      (((24 / reynolds) * (1 + 0.15 * reynolds ** 0.687) * FLUID.density * v ** 2) / 2) *
      (Math.PI / 4) *
      d ** 2;
    expect(drag / (((60 * GRAVITY * Math.PI) / 6) * d ** 3)).toBeCloseTo(1, 6);
  });
});

describe('sizeCoefficient', () => {
  const floss = collectorOf({ form: 'fibre', fibreDiameter: 35e-6, porosity: 0.97 }, 0.03, 0.02);

  // By hand, interception in its theoretical form: α 0.03, R = 25/35 = 0.7143, Ku = −½ln 0.03 − ¾ + 0.03 − 0.03²/4
  // = 1.0331, η = 0.97/1.0331 · 0.5102/1.7143 = 0.27944; with v_s/u = 0.1 and the limit 1.7143:
  // 1.7143(1 − e^(−0.37944/1.7143)) = 0.34034; λ = 4 · 0.03 · 0.34034 · 0.02/(π · 0.97 · 35e-6) = 7.658 per m.
  // The pore is 179 µm, so that 25 µm is not strained.
  it('is the cell model’s for fibres', () => {
    expect(coefficientsOf(floss, 1e-4, 1e-3)[1]).toBeCloseTo(7.658, 2);
  });

  // By hand, the same with σ = 0.09: s = 0.12, collector 35 · √4 = 70 µm, R = 0.35714, Ku = 0.42653,
  // η = 0.88/0.42653 · 0.12755/1.35714 = 0.19390; limit 1.35714: 1.35714(1 − e^(−0.29390/1.35714)) = 0.26421;
  // λ = 4 · 0.12 · 0.26421 · 0.02/(π · 0.88 · 70e-6) = 13.107 per m.
  it('follows the deposit', () => {
    expect(coefficientsOf(floss, 1e-4, 1e-3, 0.09)[1]).toBeCloseTo(13.11, 1);
  });

  // By hand, Yao’s for 450 µm: solids 0.55, d 12 mm, R = 0.0375, η = 1.5 R² + 0.5 = 0.50211, limit (1 + R)² = 1.07641:
  // 1.07641(1 − e^(−0.46647)) = 0.40128; λ = 1.5 · 0.55 · 0.40128 · 0.02/0.012 = 0.5518 per m.
  it('is Yao’s for grains', () => {
    const collector = collectorOf({ form: 'grains', grainSize: 0.012, porosity: 0.45 }, 0.55, 0.02);
    expect(coefficientsOf(collector, 5e-4, 1e-3)[4]).toBeCloseTo(0.5518, 3);
  });

  it('strains only what is large against the pore', () => {
    const foam = mediumById('foam-30').geometry;
    const strained = (attachment: number) => coefficientsOf(collectorOf(foam, 0.03, attachment), 0, 1);
    expect(strained(0)[0]).toBeLessThan(1e-3);
    // 450 µm in a pore of 0.847 mm: 0.1 · (0.5315 − 0.35)/0.847 mm = 21.4 per m.
    expect(strained(0)[4]).toBeCloseTo(21.4, 0);
  });

  it('counts slow water as 0.1 mm/s, and stays a number in a bed that is full', () => {
    expect(coefficientsOf(floss, 1e-4, 1e-9)).toEqual(coefficientsOf(floss, 1e-4, 1e-4));
    for (const deposit of [0.6, 0.97, 1.2])
      expect(coefficientsOf(floss, 1e-4, 1e-3, deposit).every(Number.isFinite)).toBe(true);
  });
});

describe('captureTable', () => {
  it.each(['floss-loose', 'floss-bonded', 'foam-30', 'foam-10', 'lava'])(
    'is the equations of %s to a ten-thousandth, whatever sits in it',
    (medium) => {
      const { geometry } = mediumById(medium);
      const solids = bedSolids(geometry, 1);
      const collector = collectorOf(geometry, solids, USUAL_DIRT.attachment);
      const ultimate = ultimateDeposit(geometry, 1 - solids);
      const table = captureTable(collector, ultimate);
      const sinking = Float64Array.from(SIZE_CLASSES, ({ diameter }) => settlingSpeed(diameter, FLUID));
      const place = { point: 0, part: 0 };
      for (const share of [0, 1e-4, 3.3e-3, 0.07, 0.41, 0.83, 1]) {
        placeIn(table, share * ultimate, place);
        coefficientsOf(collector, sinking, 4e-3, share * ultimate).forEach((lambda, size) => {
          const index = place.point * TABLE_ROW + size * TABLE_NUMBERS;
          const slowly = (sinking[size] ?? 0) / 4e-3;
          const found = tableCoefficient(table.values, index, place.part, slowly, USUAL_DIRT.attachment);
          expect(Math.abs(found / lambda - 1)).toBeLessThan(3e-4);
        });
      }
    },
  );
});

describe('ultimateDeposit', () => {
  it.each(CATALOGUE.map(({ id }) => id))('leaves water a way through %s, however much fits', (id) => {
    const { geometry } = mediumById(id);
    const porosity = 1 - bedSolids(geometry, 1);
    for (const factor of [0.7, 1, 1.4, 10]) {
      const full = ultimateDeposit(geometry, porosity, factor);
      expect(full * loosenessIn(geometry)).toBeLessThan(0.96 * porosity);
      const { linear } = resisted(
        fouledResistance(geometry, 1, FLUID),
        full,
        full / 60e-6,
        full / 60e-6 ** 2,
        0,
      );
      expect(linear).toBeGreaterThan(0);
      expect(linear).toBeLessThan(Infinity);
    }
  });
});

describe('depositStep', () => {
  // Source: the differential equation itself, simulation by Euler’s method in very small steps.
  it('is the solution of its equation, and books what it does', () => {
    const [ultimate, rate, decay, days] = [0.3, 0.02, 0.05, 7];
    const filling = rate / (ultimate - 0.1);
    let deposit = 0.1;
    let [caught, rotted] = [0, 0];
    const steps = 200_000;
    for (let step = 0; step < steps; step += 1) {
      const came = (filling * (ultimate - deposit) * days) / steps;
      const went = (decay * deposit * days) / steps;
      deposit += came - went;
      caught += came;
      rotted += went;
    }
    const exact = depositStep(0.1, ultimate, rate, ultimate - 0.1, decay, days);
    expect(exact.deposit).toBeCloseTo(deposit, 6);
    expect(exact.caught).toBeCloseTo(caught, 6);
    expect(exact.rotted).toBeCloseTo(rotted, 6);
    expect(exact.deposit).toBeCloseTo(0.1 + exact.caught - exact.rotted, 14);
  });

  it('never fills a slice beyond what fits, and rots an over-full one', () => {
    expect(depositStep(0, 0.3, 50, 0.3, 0.01, 1).deposit).toBeLessThan(0.3);
    expect(depositStep(0.35, 0.3, 0, -0.05, 0.01, 1)).toMatchObject({
      caught: expect.closeTo(0, 12) as number,
    });
    expect(depositStep(0, 0.3, 0, 0.3, 0, 1)).toEqual({ deposit: 0, caught: 0, rotted: 0 });
  });
});

const resisted = (
  { resist }: FouledResistance,
  ...[deposit, threads, fine, pressed]: [number, number, number, number]
): { linear: number; square: number } => {
  const into = { linear: NaN, added: NaN, square: NaN };
  resist(deposit, threads, fine, into);
  return { linear: into.linear + into.added * packedBy(pressed), square: into.square };
};

describe('fouledResistance', () => {
  // Source: Bergman et al. 1978 reduces to Davies 1953 without deposit; foam and grains to their own equations.
  it.each(CATALOGUE.map(({ id }) => id))('is that of clean %s without deposit, and grows with it', (id) => {
    const { geometry } = mediumById(id);
    const clean = layerResistance(geometry, 1, FLUID);
    const fouled = fouledResistance(geometry, 1, FLUID);
    const at = (deposit: number): number =>
      resisted(fouled, deposit, deposit / 60e-6, deposit / 60e-6 ** 2, 0).linear;
    expect(at(0) / clean.linear).toBeCloseTo(1, 12);
    expect(resisted(fouled, 0, 0, 0, 0).square).toBeCloseTo(clean.square, 6);
    let before = at(0);
    for (const deposit of [0.02, 0.05, 0.1]) {
      expect(at(deposit)).toBeGreaterThan(before);
      before = at(deposit);
    }
  });

  const floss = fouledResistance(mediumById('floss-bonded').geometry, 1, FLUID);
  const clean = resisted(floss, 0, 0, 0, 0).linear;

  it('counts silt for more than flakes in fibre', () => {
    const of = (size: number): number => {
      const thread = PER_THREAD[size] ?? 0;
      return resisted(floss, 0.05, 0.05 * thread, 0.05 * thread ** 2, 0).linear;
    };
    expect(of(0)).toBeCloseTo(of(1), 9);
    expect(of(3)).toBeLessThan(of(1));
    expect(of(5) - clean).toBeLessThan(0.8 * (of(3) - clean));
    // By hand: 1 mm counts as a thread of two thirds of a millimetre.
    expect(1 / (PER_THREAD[5] ?? 0)).toBeCloseTo(667e-6, 6);
  });

  // Source: Kozeny–Carman at constant surface, (ε₀/ε)³; from memory. By hand for foam of ε₀ 0.97 whose sludge closes five
  // times its room: σ 0.05, 0.1 and 0.15 leave ε 0.72, 0.47 and 0.22.
  it.each([
    [0.05, 2.4452],
    [0.1, 8.7909],
    [0.15, 85.713],
  ])('closes foam with a deposit of %d as Kozeny–Carman has it', (deposit, times) => {
    const foam = fouledResistance({ form: 'foam', poresPerInch: 30, porosity: 0.97 }, 1, FLUID);
    const [fouled, none] = [resisted(foam, deposit, 0, 0, 0), resisted(foam, 0, 0, 0, 0)];
    expect(fouled.linear / none.linear).toBeCloseTo(times, 3);
    expect(fouled.square / none.square).toBeCloseTo(times, 3);
  });

  // Source: compressible cake with n = 1, Tiller & Leu 1980; from memory. By hand: 1 + p/p_a with p_a 100 Pa.
  it.each([
    [25, 1.25],
    [100, 2],
    [980, 10.8],
  ])('is packed by %d Pa as Tiller and Leu have it', (pressed, times) => {
    const added = (by: number): number => resisted(floss, 0.05, 800, 1.4e7, by).linear - clean;
    expect(added(pressed) / added(0)).toBeCloseTo(times, 9);
    expect(resisted(floss, 0, 0, 0, pressed).linear).toBe(clean);
  });
});

describe('the tank', () => {
  // Source: mass balance of a mixed tank in its steady state, C(QE + kV) = P.
  it('holds as much in suspension as its balance says', () => {
    const [made, cleared, settles, volume] = [1e-3, 2, 0.3, 0.1];
    const c = suspendedSolids(made, cleared, settles, volume);
    let simulation = 0;
    const step = 1e-4;
    for (let time = 0; time < 3; time += step)
      simulation += ((made - simulation * (cleared + settles * volume)) / volume) * step;
    expect(c).toBeCloseTo(simulation, 8);
  });

  it('settles less where pumps move the water', () => {
    const still = settlingRates({ circulation: [] }, 0.1);
    const moved = settlingRates(
      { circulation: [{ place: 'left', aim: 'along the tank', flow: 1e-3 / 3.6 }] },
      0.1,
    );
    expect((moved[3] ?? 0) / (still[3] ?? 1)).toBeCloseTo(0.5, 9);
  });

  it('brings more of what settles to an intake that a pump blows at, and no more of anything elsewhere', () => {
    const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
    const blown = (aim: 'along the tank' | 'up') =>
      arrivalOf(
        { circulation: [{ place: 'left', aim, flow: 1e-3 }] },
        { intakes: filter.intakes.map((intake) => ({ ...intake, place: 'right' as const })) },
      );
    expect(blown('up')).toEqual(SIZE_CLASSES.map(() => 1));
    const arrives = blown('along the tank');
    expect(arrives.every((value, size) => size === 0 || value > (arrives[size - 1] ?? 1))).toBe(true);
    expect(arrives[0]).toBeLessThan(1.02);
    expect(arrives.at(-1)).toBeLessThan(1.5);
  });

  // Source: 0.25 g of dry solids a g of food, Timmons & Ebeling; from memory.
  it('makes a quarter of its food into dirt, and litter beside it', () => {
    const tank = {
      ...newTank('t', 'Test', 0.1),
      plants: 'none' as const,
      feed: { amount: { by: 'weight' as const, perDay: 4e-3 }, protein: 0.4 },
    };
    const sum = (made: Float64Array | null) => [...(made ?? [])].reduce((all, value) => all + value, 0);
    expect(sum(dirtProduction(tank, USUAL_DIRT))).toBeCloseTo(1e-3, 12);
    expect(
      sum(dirtProduction({ ...tank, litter: { perDay: 2e-4, floating: false } }, USUAL_DIRT)),
    ).toBeCloseTo(1.2e-3, 12);
    expect(SIZE_CLASSES.reduce((all, item) => all + item.ofLitter, 0)).toBeCloseTo(1, 12);
    expect(Object.keys(DIRT_PROVENANCE)).toEqual(Object.keys(USUAL_DIRT));
  });
});
