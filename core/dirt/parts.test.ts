import { describe, expect, it } from 'vitest';
import { fluidAt, GRAVITY } from '../hydraulics/fluid';
import { layerResistance } from '../hydraulics/layerResistance';
import { CATALOGUE, mediumById } from '../media/catalogue';
import { presetFilter } from '../filter/presetFilter';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { cutBeds } from './beds';
import { captureDirt, captureOf } from './capture';
import { depositStep } from './depositStep';
import { DIRT_PROVENANCE, USUAL_DIRT } from './dirtNumbers';
import { dirtProduction } from './dirtProduction';
import { coefficientAt, collectorOf } from './filterCoefficient';
import { fouledResistance } from './fouledResistance';
import { settlingSpeed } from './settlingSpeed';
import { SIZE_CLASSES, SIZES } from './sizeClasses';
import { suspendedSolids, settlingRates } from './massBalance';

const FLUID = fluidAt(25);

describe('a uniform clean bed', () => {
  // Source: Iwasaki 1937, dC/dx = −λC, whose solution is exponential; from memory.
  it.each(['foam-30', 'floss-bonded', 'lava', 'scrubbers'])(
    'lets e^(−λL) of every size through %s, however it is sliced',
    (medium) => {
      const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
      const inFlow = placeLayers(filter, [plainLayer('a', medium, 'tray-4', 0.05)]);
      const flow = 2e-4;
      const sinking = SIZE_CLASSES.map(({ diameter }) => settlingSpeed(diameter, FLUID));
      for (const refine of [1, 3]) {
        const beds = cutBeds(inFlow, FLUID, USUAL_DIRT, refine);
        const into = captureOf(beds);
        captureDirt(
          { beds, inFlow, openFloor: null, sinking, retention: 0 },
          new Float64Array(beds.slices),
          [{ whole: flow, own: flow, beside: 0 }],
          flow,
          Infinity,
          into,
        );
        const speed = flow / (beds.area[0] ?? 1);
        const collector = beds.list[0]?.collector;
        if (collector === undefined) throw new Error('No bed.');
        SIZE_CLASSES.forEach((_, size) => {
          const lambda = coefficientAt(collector, size, sinking[size] ?? 0, speed);
          expect(into.efficiency[size]).toBeCloseTo(1 - Math.exp(-lambda * 0.05), 10);
          const cleared = Array.from(
            { length: beds.slices },
            (_slice, slice) => into.cleared[slice * SIZES + size] ?? 0,
          ).reduce((sum, value) => sum + value, 0);
          expect(cleared / flow).toBeCloseTo(into.efficiency[size] ?? 0, 12);
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

describe('coefficientAt', () => {
  // By hand, Lee & Liu’s interception: α 0.03, R = 70/35 = 2, Ku = −½ln 0.03 − ¾ + 0.03 − 0.03²/4 = 1.0331,
  // η = 0.97/1.0331 · 4/3 = 1.2520; with v_s/u = 0.1 and the limit 3: 3(1 − e^(−1.3520/3)) = 1.0883;
  // λ = 4 · 0.03 · 1.0883 · 0.02/(π · 0.97 · 35e-6) = 24.49 per m, before straining.
  it('is Lee & Liu’s for fibres', () => {
    const collector = collectorOf({ form: 'fibre', fibreDiameter: 35e-6, porosity: 0.97 }, 0.03, 0.02);
    expect(coefficientAt(collector, 2, 1e-4, 1e-3) - (collector.strained[2] ?? 0)).toBeCloseTo(24.49, 1);
  });

  // By hand, Yao’s: solids 0.55, d 12 mm, R = 1/12, η = 1.5/144 + 0.5 = 0.51042, limit (13/12)² = 1.17361:
  // 1.17361(1 − e^(−0.43491)) = 0.41390; λ = 1.5 · 0.55 · 0.41390 · 0.02/0.012 = 0.5691 per m.
  it('is Yao’s for grains', () => {
    const collector = collectorOf({ form: 'grains', grainSize: 0.012, porosity: 0.45 }, 0.55, 0.02);
    expect(coefficientAt(collector, 5, 5e-4, 1e-3) - (collector.strained[5] ?? 0)).toBeCloseTo(0.5691, 3);
  });

  it('strains only what is large against the pore, and begins softly', () => {
    const { strained } = collectorOf(mediumById('foam-30').geometry, 0.03, 0.02);
    expect(strained[0]).toBeLessThan(1e-3);
    // 450 µm in a pore of 0.847 mm: 0.2 · (0.5315 − 0.35)/0.847 mm = 42.9 per m.
    expect(strained[4]).toBeCloseTo(42.9, 0);
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
    const exact = depositStep(0.1, ultimate, rate, decay, days);
    expect(exact.deposit).toBeCloseTo(deposit, 6);
    expect(exact.caught).toBeCloseTo(caught, 6);
    expect(exact.rotted).toBeCloseTo(rotted, 6);
    expect(exact.deposit).toBeCloseTo(0.1 + exact.caught - exact.rotted, 14);
  });

  it('never fills a slice beyond what fits, and rots an over-full one', () => {
    expect(depositStep(0, 0.3, 50, 0.01, 1).deposit).toBeLessThan(0.3);
    expect(depositStep(0.35, 0.3, 0, 0.01, 1)).toMatchObject({ caught: expect.closeTo(0, 12) as number });
    expect(depositStep(0, 0.3, 0, 0, 1)).toEqual({ deposit: 0, caught: 0, rotted: 0 });
  });
});

describe('fouledResistance', () => {
  // Source: Bergman et al. 1978 reduces to Davies 1953 without deposit; foam and grains to their own equations.
  it.each(CATALOGUE.map(({ id }) => id))('is that of clean %s without deposit, and grows with it', (id) => {
    const { geometry } = mediumById(id);
    const clean = layerResistance(geometry, 1, FLUID);
    const at = fouledResistance(geometry, 1, FLUID);
    expect(at(0).linear / clean.linear).toBeCloseTo(1, 12);
    expect(at(0).square).toBeCloseTo(clean.square, 6);
    let before = at(0).linear;
    for (const deposit of [0.02, 0.05, 0.1]) {
      expect(at(deposit).linear).toBeGreaterThan(before);
      before = at(deposit).linear;
    }
  });
});

describe('the tank', () => {
  // Source: mass balance of a mixed tank in its steady state, C(QE + kV) = P.
  it('has as much afloat as its balance says', () => {
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
