import { create, all } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { toSi, UNITS, type Unit } from './unitTable';

const math = create(all ?? {});

/** A unit's size in SI as the reference library has it. */
const reference = (symbol: string, inSi: string): number => math.unit(1, symbol).toNumber(inSi);

const unitOf = (kind: keyof typeof UNITS, symbol: string): Unit => {
  const unit = UNITS[kind].typed.find((unit) => unit.symbol === symbol);
  if (unit === undefined) throw new Error(`No ${symbol}.`);
  return unit;
};

describe('the unit table', () => {
  // Source: mathjs (Apache-2.0), a general-purpose library with its own table of units.
  it.each<[keyof typeof UNITS, string, string, string]>([
    ['length', 'cm', 'cm', 'm'],
    ['length', 'mm', 'mm', 'm'],
    ['length', 'in', 'inch', 'm'],
    ['length', 'ft', 'foot', 'm'],
    ['volume', 'L', 'litre', 'm^3'],
    ['volume', 'mL', 'ml', 'm^3'],
    ['volume', 'US gal', 'gallon', 'm^3'],
    ['flow', 'L/h', 'litre/hour', 'm^3/s'],
    ['flow', 'US gal/h', 'gallon/hour', 'm^3/s'],
    ['mass', 'kg', 'kg', 'kg'],
    ['mass', 'g', 'gram', 'kg'],
    ['mass', 'lb', 'lbm', 'kg'],
    ['mass', 'oz', 'oz', 'kg'],
    ['area', 'cm²', 'cm^2', 'm^2'],
    ['area', 'in²', 'sqin', 'm^2'],
    ['surface', 'ft²', 'sqft', 'm^2'],
    ['run', 'm', 'm', 'm'],
    ['run', 'ft', 'foot', 'm'],
    ['time', 'min', 'minute', 's'],
    ['duration', 'days', 'day', 's'],
    ['duration', 'weeks', 'week', 's'],
    ['concentration', 'mg/L', 'mg/litre', 'kg/m^3'],
    ['feed', 'g/day', 'gram/day', 'kg/day'],
    ['density', 'kg/L', 'kg/litre', 'kg/m^3'],
    ['speed', 'cm/s', 'cm/s', 'm/s'],
    ['speed', 'in/s', 'inch/s', 'm/s'],
    ['power', 'W', 'watt', 'W'],
    ['angle', '°', 'deg', 'rad'],
    ['pores', 'ppi', '1/inch', '1/m'],
  ])('%s in %s matches the reference', (kind, symbol, theirs, inSi) => {
    const value = theirs.startsWith('1/') ? 1 / reference(theirs.slice(2), 'm') : reference(theirs, inSi);
    // The library’s US gallon is 3.785412 L, rounded in the seventh figure.
    expect(unitOf(kind, symbol).perUnit / value).toBeCloseTo(1, symbol.includes('gal') ? 6 : 12);
  });

  it('reads Fahrenheit as the reference does', () => {
    for (const fahrenheit of [-40, 32, 77, 104])
      expect(toSi(fahrenheit, unitOf('temperature', '°F'))).toBeCloseTo(
        math.unit(fahrenheit, 'degF').toNumber('degC'),
        9,
      );
  });

  it('holds the legal imperial gallon', () => {
    // Source: 1 imperial gallon = 4.54609 L by law; the library has no imperial measures, so this is from memory.
    expect(unitOf('volume', 'imp gal').perUnit).toBe(4.54609e-3);
  });
});
