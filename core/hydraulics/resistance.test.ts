import { describe, expect, it } from 'vitest';
import { frictionFactor } from './frictionFactor';
import { presetFilter } from '../filter/presetFilter';
import type { Fluid } from './fluid';
import { layerResistance } from './layerResistance';
import { lipHeight, narrowedAt } from './lipHeight';
import { drownedWeirFlow, weirFlow, weirHeight } from './weir';

/** Colebrook & White’s implicit equation, solved by iteration. */
function colebrook(reynolds: number, roughness: number): number {
  let factor = 0.02;
  for (let step = 0; step < 60; step += 1)
    factor = (-2 * Math.log10(roughness / 3.7 + 2.51 / (reynolds * Math.sqrt(factor)))) ** -2;
  return factor;
}

describe('frictionFactor', () => {
  // Source: Colebrook 1939, of which Swamee & Jain is within about 1 % for Re 5,000–1e8 (and 3 % at the corner).
  it.each([
    [5e3, 1e-6],
    [1e4, 1e-4],
    [1e5, 1e-4],
    [1e5, 1e-2],
    [1e6, 1e-3],
  ])('agrees with Colebrook at Re %f and ε/D %f', (reynolds, roughness) => {
    expect(frictionFactor(reynolds, roughness) / colebrook(reynolds, roughness)).toBeCloseTo(1, 1.5);
  });

  // Source: worked value, Re 1e5 and ε/D 1e-4: 0.01845 (Colebrook 0.01851); Moody’s chart, complete turbulence at
  // ε/D 0.01: 0.038; laminar, Re 1,000: 0.064. From memory.
  it('reads as the Moody chart does', () => {
    expect(frictionFactor(1e5, 1e-4)).toBeCloseTo(0.01845, 5);
    expect(frictionFactor(1e8, 0.01)).toBeCloseTo(0.038, 3);
    expect(frictionFactor(1000, 0.01)).toBeCloseTo(0.064, 12);
  });

  it('has neither jump nor kink where the flow turns turbulent', () => {
    for (const roughness of [1e-6, 1e-3, 0.02])
      for (const index of [2000, 4000]) {
        const [below, above] = [
          frictionFactor(index - 1e-3, roughness),
          frictionFactor(index + 1e-3, roughness),
        ];
        expect(Math.abs(above / below - 1)).toBeLessThan(1e-5);
        const slope = (x: number): number =>
          frictionFactor(x + 0.5, roughness) - frictionFactor(x - 0.5, roughness);
        expect(slope(index - 1)).toBeCloseTo(slope(index + 1), 6);
      }
  });
});

describe('layerResistance', () => {
  const fluid: Fluid = { density: 1000, viscosity: 1e-3 };

  // Source: Ergun’s equation worked by hand with round figures as in chemical-engineering texts (Bird, Stewart &
  // Lightfoot, ch. 6; from memory): d 2 mm, ε 0.4, μ 1 mPa·s: 150·1e-3·0.36/(0.064·4e-6) = 2.109e5;
  // 1.75·1000·0.6/(0.064·2e-3) = 8.203e6.
  it('is Ergun’s for grains', () => {
    const { linear, square } = layerResistance({ form: 'grains', grainSize: 2e-3, porosity: 0.4 }, 1, fluid);
    expect(linear).toBeCloseTo(210937.5, 1);
    expect(square).toBeCloseTo(8203125, 0);
  });

  // Source: Dietrich et al. 2009 by hand for 30 ppi, ε 0.97, S 1,114 m²/m³: d_h = 4·0.97/1,114 = 3.483 mm;
  // 110·1e-3/(0.97·1.2131e-5) = 9,348; 1.45·1000/(0.9409·3.483e-3) = 4.425e5.
  it('is Dietrich’s for foam', () => {
    const { linear, square } = layerResistance({ form: 'foam', poresPerInch: 30, porosity: 0.97 }, 1, fluid);
    expect(linear / 9348).toBeCloseTo(1, 2);
    expect(square / 4.425e5).toBeCloseTo(1, 2);
  });

  // Source: Davies 1953 by hand: α 0.015, d 35 µm: 64·1e-3·0.015^1.5·(1 + 56·3.375e-6)/1.225e-9 = 9.600e4.
  it('is Davies’ for fibre', () => {
    const { linear, square } = layerResistance(
      { form: 'fibre', fibreDiameter: 35e-6, porosity: 0.985 },
      1,
      fluid,
    );
    expect(linear / 9.6e4).toBeCloseTo(1, 2);
    expect(square).toBe(0);
  });

  it('rises when the bed is pressed, and with every finer grade', () => {
    const at = (poresPerInch: number, solidsFactor: number): number => {
      const { linear, square } = layerResistance(
        { form: 'foam', poresPerInch, porosity: 0.97 },
        solidsFactor,
        fluid,
      );
      return linear * 0.005 + square * 0.005 ** 2;
    };
    expect(at(30, 2)).toBeGreaterThan(at(30, 1));
    for (const [coarse, fine] of [
      [10, 15],
      [15, 20],
      [20, 30],
      [30, 45],
      [45, 60],
    ] as const)
      expect(at(fine, 1)).toBeGreaterThan(at(coarse, 1));
  });
});

describe('weirs', () => {
  // Source: Francis 1883, Q = 1.84·b·h^1.5 in SI; a contracted lip of C_d 0.62 lies half a percent below it.
  it('agree with Francis', () => {
    expect(Math.abs(weirFlow(0.1, 0.01) / (1.84 * 0.1 * 0.01 ** 1.5) - 1)).toBeLessThan(0.01);
    expect(weirHeight(0.09, weirFlow(0.09, 0.013))).toBeCloseTo(0.013, 12);
    expect(weirFlow(0.1, -0.01)).toBe(0);
  });

  it('stand higher where media narrow the lip, without a jump', () => {
    const { spill } = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
    if (spill === null) throw new Error('The preset has changed.');
    const flow = 500e-3 / 3600;
    const at = (over: number): number => lipHeight(spill, spill.lipAboveFloor + over, flow);
    expect(at(-0.02)).toBe(weirHeight(spill.lipWidth, flow));
    expect(at(1e-6)).toBeCloseTo(at(0), 6);
    expect(at(0.005)).toBeGreaterThan(at(0.002));
    // By hand: three tenths of the lip are gone at most, so the water in front of this pack is 0.7^(−2/3) = 1.268 times as high.
    expect(at(0.5) / at(0)).toBeCloseTo(1.268, 3);
    // Drawn anew, from nothing to four tenths of it: 0.6^(−2/3) = 1.406.
    const drawn = (spreads: number): number =>
      lipHeight({ ...spill, narrowed: narrowedAt(spreads) }, spill.lipAboveFloor + 0.5, flow) / at(0);
    expect([-9, 0, 9].map((spreads) => drawn(spreads).toFixed(3))).toEqual(['1.000', '1.268', '1.406']);
  });

  // Source: Villemonte 1947: at h₂/h₁ = 0.5 the flow is (1 − 0.5^1.5)^0.385 = 0.8454 of the free one.
  it('are drowned as Villemonte has it', () => {
    expect(drownedWeirFlow(0.1, 0.02, 0.01) / weirFlow(0.1, 0.02)).toBeCloseTo(0.8454, 3);
    expect(drownedWeirFlow(0.1, 0.02, 0.02)).toBe(0);
    expect(drownedWeirFlow(0.1, 0.02, -0.01)).toBeCloseTo(weirFlow(0.1, 0.02), 12);
  });
});
