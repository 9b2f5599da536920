import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatQuantity, shownDigits } from './formatQuantity';
import { numberSigns } from './numberSigns';
import { parseNumber } from './parseNumber';
import { parseQuantity, typedQuantity } from './parseQuantity';
import { UNIT_SYSTEMS, type QuantityKind } from './quantity';
import { fromSi, UNITS } from './unitTable';

/** Comma, point, spaces, apostrophe, Indian groups and other digits. */
const LOCALES = [
  'en-GB',
  'en-US',
  'de-DE',
  'de-CH',
  'fr-FR',
  'es-ES',
  'pt-BR',
  'sv-SE',
  'pl-PL',
  'en-IN',
  'hi-IN',
  'ar-EG',
  'ja-JP',
];

const value = (text: string, locale: string): number | readonly number[] | null => {
  const parsed = parseNumber(text, locale);
  return parsed.kind === 'number' ? parsed.value : parsed.kind === 'either' ? parsed.values : null;
};

describe('parseNumber', () => {
  it.each([
    // The sign groups, divides, or could do either, as the language has it.
    ['1,050', 'en-GB', 1050],
    ['1,050', 'de-DE', 1.05],
    ['1,050', 'de-CH', [1050, 1.05]],
    ['1.050', 'en-GB', 1.05],
    ['1.050', 'de-DE', 1050],
    ['1.050', 'fr-FR', [1050, 1.05]],
    // No group of a written number has these places: only one reading is left.
    ['4,5', 'en-GB', 4.5],
    ['1.05', 'de-DE', 1.05],
    ['0,050', 'en-GB', 0.05],
    ['0.050', 'fr-FR', 0.05],
    ['1050,5', 'en-GB', 1050.5],
    ['1,0505', 'en-GB', 1.0505],
    // Both signs, spaces, apostrophes.
    ['1,050.5', 'de-DE', 1050.5],
    ['1.050,5', 'en-GB', 1050.5],
    ['1 050,5', 'en-GB', 1050.5],
    ['1\u202f050', 'fr-FR', 1050],
    ['1’050.5', 'de-CH', 1050.5],
    ['12 345 678', 'en-GB', 12_345_678],
    ['1 050.255', 'fr-FR', 1050.255],
    // Indian groups, and other digits.
    ['12,34,567', 'en-IN', 1_234_567],
    ['12,34,567', 'en-GB', null],
    ['١٬٠٥٠٫٥', 'ar-EG', 1050.5],
    // Slips.
    ['1 05', 'en-GB', null],
    ['1,,050', 'en-GB', null],
    ['1.2.3', 'en-GB', null],
    ['1,05,0', 'en-GB', null],
    ['1,050,00', 'en-GB', null],
    ['1.050,500.2', 'en-GB', null],
    ['', 'en-GB', null],
    ['.', 'en-GB', null],
    ['1/0', 'en-GB', null],
    ['1 3/4', 'de-DE', 1.75],
  ] as const)('reads %s in %s', (text, locale, expected) => {
    expect(value(text, locale)).toEqual(expected);
  });
});

describe('what is shown', () => {
  const kinds = Object.keys(UNITS) as QuantityKind[];

  it.each(LOCALES)('is read back as it was meant, unit and all, in %s', (locale) => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(...UNIT_SYSTEMS),
        fc.double({ min: -2e6, max: 2e6, noNaN: true }),
        (kind, system, shown) => {
          const unit = UNITS[kind][system];
          const si = shown * unit.perUnit + (unit.offset ?? 0);
          // Half of the last digit that is shown, and what floating point takes.
          const near = (read: ReturnType<typeof parseQuantity>, digits: number): void => {
            if (!read.ok) throw new Error(read.fault);
            expect(Math.abs(fromSi(read.si, unit) - shown)).toBeLessThanOrEqual(
              0.5001 * 10 ** -digits + 1e-9,
            );
          };
          const digits = shownDigits({ kind, si }, { system });
          near(
            parseQuantity(formatQuantity({ kind, si }, { system, locale }), kind, { system, locale }),
            digits,
          );
          near(parseQuantity(typedQuantity(si, unit, digits, locale), kind, { system, locale }), digits);
        },
      ),
      { numRuns: 120 },
    );
  });

  it('asks where a sign could do either, in the words of the language', () => {
    const parsed = parseQuantity('1.050 L/h', 'flow', { system: 'metric', locale: 'fr-FR' });
    expect(parsed).toEqual({ ok: false, fault: '“1.050” can be read as 1050 or as 1,05. Type one of them.' });
  });

  it('knows the signs of every language by the table of Unicode', () => {
    // Source: Unicode CLDR, number symbols of these languages (from memory).
    const signs = Object.fromEntries(LOCALES.map((locale) => [locale, numberSigns(locale).decimal]));
    expect(signs).toMatchObject({
      'en-GB': '.',
      'de-DE': ',',
      'de-CH': '.',
      'fr-FR': ',',
      'ar-EG': '٫',
      'ja-JP': '.',
    });
    expect(numberSigns('en-IN').groupLength).toBe(2);
  });
});
