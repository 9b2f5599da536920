import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boundsFault } from './bounds';
import { bounded } from './bounded';
import { formatQuantity } from './formatQuantity';
import { parseQuantity } from './parseQuantity';
import { type QuantityKind, UNIT_SYSTEMS } from './quantity';
import { formatSentence, sentence } from './sentence';
import { DAY, HOUR } from './time';
import { fromSi, toSi, UNITS } from './unitTable';

const si = (text: string, kind: QuantityKind, system: 'metric' | 'us' | 'imperial' = 'metric'): number => {
  const parsed = parseQuantity(text, kind, { system, locale: 'en' });
  if (!parsed.ok) throw new Error(parsed.fault);
  return parsed.si;
};

describe('units', () => {
  // Source: the trade’s own table, "100 L = 26.4 US gal; 1 kg = 2.205 lb" (common practice, no source).
  it('converts litres and kilograms as the trade quotes them', () => {
    expect(fromSi(0.1, UNITS.volume.us)).toBeCloseTo(26.4, 1);
    expect(fromSi(1, UNITS.mass.us)).toBeCloseTo(2.205, 3);
  });

  // Source: NIST Handbook 44, appendix C: 1 US gal = 3.785 412 L, 1 imp gal = 4.546 090 L, 1 in = 25.4 mm (from memory).
  it('holds the legal sizes of gallon and inch', () => {
    expect(toSi(1, UNITS.volume.us)).toBeCloseTo(3.785412e-3, 9);
    expect(toSi(1, UNITS.volume.imperial)).toBeCloseTo(4.54609e-3, 9);
    expect(toSi(1, UNITS.length.us)).toBe(0.0254);
    expect(toSi(77, UNITS.temperature.us)).toBeCloseTo(25, 9);
  });

  it('reads back what it shows, in every unit', () => {
    for (const row of Object.values(UNITS))
      for (const system of UNIT_SYSTEMS)
        fc.assert(
          fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), (value) => {
            expect(fromSi(toSi(value, row[system]), row[system])).toBeCloseTo(value, 6);
          }),
          { numRuns: 20 },
        );
  });
});

describe('parseQuantity', () => {
  it.each([
    ['4.5', 'length', 0.045],
    ['4,5', 'length', 0.045],
    ['45 mm', 'length', 0.045],
    ['45mm', 'length', 0.045],
    ['1 3/4 in', 'length', 0.04445],
    ['3/4"', 'length', 0.01905],
    ['.5', 'length', 0.005],
    ['1 050 L/h', 'flow', 1.05 / 3600],
    ['1,050.5 L', 'volume', 1.0505],
    ['1.050,5 L', 'volume', 1.0505],
    ['1.000.000', 'plain', 1e6],
    ['1,050 L/h', 'flow', 1050e-3 / 3600],
    ['1.050 L/h', 'flow', 1.05e-3 / 3600],
    ['78 F', 'temperature', 25.5556],
    ['-2', 'temperature', -2],
    ['60 %', 'share', 0.6],
    ['2 min', 'time', 120],
  ] as const)('reads %s as %s', (text, kind, expected) => {
    expect(si(text, kind)).toBeCloseTo(expected, 4);
  });

  it('takes a number without a unit in the chosen system', () => {
    expect(si('2', 'length', 'us')).toBeCloseTo(0.0508, 9);
  });

  it.each([
    ['', 'length', /Type a number/],
    ['abc', 'length', /not a number/],
    ['4 kg', 'length', /not a unit for this. Use cm, mm/],
    ['1,0.0.0', 'length', /not a number|not a unit/],
    ['1/0 in', 'length', /not a number/],
    ['5 apples', 'plain', /Remove|not a unit/],
    ['1 05', 'plain', /not a number/],
    ['1,05,0', 'plain', /not a number/],
  ] as const)('refuses %s and says what to type', (text, kind, message) => {
    const parsed = parseQuantity(text, kind);
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) expect(parsed.fault).toMatch(message);
  });
});

describe('bounds and sentences', () => {
  const depth = { what: 'Depth', kind: 'length', min: 0, max: 1, aboveMin: true } as const;

  it('says the same in the form and in the schema', () => {
    const fault = boundsFault(depth, -0.02);
    expect(fault).toBe('Depth must be more than 0.0 cm and at most 100 cm.');
    const parsed = bounded(depth).safeParse(-0.02);
    expect(parsed.success ? '' : parsed.error.issues[0]?.message).toBe(fault);
    expect(bounded(depth).safeParse(0).success).toBe(false);
    expect(bounded(depth).safeParse(Number.NaN).success).toBe(false);
    expect(bounded(depth).safeParse('4').error?.issues[0]?.message).toBe('Depth must be a number.');
    expect(bounded(depth).safeParse(1).success).toBe(true);
  });

  it('keeps quantities in a sentence until it is read', () => {
    const text = sentence`Leaves ${{ kind: 'gap', si: 0.00635 }} open, ${sentence`${{ kind: 'share', si: 0.25 }} of the face`}.`;
    expect(formatSentence(text)).toBe('Leaves 6 mm open, 25 % of the face.');
    expect(formatSentence(text, { system: 'us' })).toBe('Leaves 0.25 in open, 25 % of the face.');
    expect(formatQuantity({ kind: 'length', si: -1e-6 })).toBe('0.0 cm');
  });

  it('says one hour, day or week as one', () => {
    expect(formatQuantity({ kind: 'hours', si: HOUR })).toBe('1 hour');
    expect(formatQuantity({ kind: 'hours', si: 1.4 * HOUR })).toBe('1 hour');
    expect(formatQuantity({ kind: 'hours', si: 0.4 * HOUR })).toBe('0 hours');
    expect(formatQuantity({ kind: 'days', si: DAY })).toBe('1 day');
    expect(formatQuantity({ kind: 'days', si: DAY }, { digits: 1 })).toBe('1.0 days');
    expect(formatQuantity({ kind: 'duration', si: 14 * DAY })).toBe('2 weeks');
  });
});
