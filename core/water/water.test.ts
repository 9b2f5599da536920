import { describe, expect, it } from 'vitest';
import { airPressure } from './airPressure';
import { ammoniaShare } from './ammoniaShare';
import { ION_FROM_NITROGEN } from '../units/ionFromNitrogen';
import { oxygenSaturation } from './oxygenSaturation';
import { waterDensity } from './waterDensity';
import { waterViscosity } from './waterViscosity';

describe('water', () => {
  // Source: CRC Handbook of Chemistry and Physics / IAPWS tables (from memory).
  it.each([
    [10, 999.7, 1.3059],
    [20, 998.21, 1.0016],
    [25, 997.05, 0.89],
  ])('at %i °C has the density and viscosity of the tables', (celsius, density, viscosity) => {
    expect(waterDensity(celsius)).toBeCloseTo(density, 1);
    expect(Math.abs(waterDensity(celsius) - density)).toBeLessThan(0.006);
    expect(waterViscosity(celsius) * 1e3).toBeCloseTo(viscosity, 3);
  });

  // Source: APHA Standard Methods 4500-O, table of oxygen solubility at 1 atm (from memory).
  it.each([
    [0, 14.62],
    [15, 10.08],
    [25, 8.26],
    [30, 7.56],
  ])('at %i °C holds %f mg/L of oxygen', (celsius, expected) => {
    expect(Math.abs(oxygenSaturation(celsius) * 1e3 - expected)).toBeLessThan(0.006);
  });

  // Source: APHA 4500-O gives 8.26 mg/L × about 0.83 at 1,500 m; ISO 2533 gives 0.8345 atm there (from memory).
  it('holds less oxygen up a mountain', () => {
    expect(airPressure(0)).toBe(1);
    expect(airPressure(1500)).toBeCloseTo(0.8345, 3);
    expect(oxygenSaturation(25, airPressure(1500)) / oxygenSaturation(25)).toBeCloseTo(0.829, 2);
  });

  // Source: Emerson et al. 1975, table of per cent un-ionised ammonia (from memory).
  it.each([
    [25, 8, 5.37],
    [20, 7, 0.394],
  ])('at %i °C and pH %i has %f %% of its ammonia un-ionised', (celsius, pH, percent) => {
    expect(Math.abs(ammoniaShare(celsius, pH) * 100 - percent)).toBeLessThan(0.006);
  });

  // Source: ratios printed in test-kit leaflets and in APHA 4500-N (from memory).
  it('turns nitrogen into the ions a kit reads', () => {
    expect(ION_FROM_NITROGEN.ammonium).toBeCloseTo(1.288, 3);
    expect(ION_FROM_NITROGEN.nitrite).toBeCloseTo(3.284, 3);
    expect(ION_FROM_NITROGEN.nitrate).toBeCloseTo(4.427, 2);
  });
});
