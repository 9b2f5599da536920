import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import { schoolNumbers } from './schoolNumbers';
import { SchoolsSchema } from '../findings/schools';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import { SCHOOL_WORDS } from '../findings/schoolWords';

const said = (rows: [string, number][]) => {
  const input: PackInput = {
    ...aloneOn(newTank('t', 'Test', 0.1)),
    filter: presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test'),
    layers: rows.map(([medium, thickness], index) => plainLayer(`l${index}`, medium, 'basket', thickness)),
    flow: null,
  };
  const numbers = schoolNumbers(input, evaluatePack(input));
  return Object.fromEntries(Object.entries(numbers).map(([key, text]) => [key, formatSentence(text)]));
};

describe('schools', () => {
  it('have words for every position, and valid first ones', () => {
    expect(SchoolsSchema.parse(DEFAULT_SCHOOLS)).toEqual(DEFAULT_SCHOOLS);
    for (const [school, schema] of Object.entries(SchoolsSchema.shape))
      expect(Object.keys(SCHOOL_WORDS[school as keyof typeof SCHOOL_WORDS].positions)).toEqual(
        schema.options,
      );
  });

  it('are answered with this filter’s own figures', () => {
    const numbers = said([
      ['foam-15', 0.03],
      ['foam-45', 0.02],
      ['lava', 0.05],
    ]);
    // By hand: 12 × 8 × 5 cm is 0.48 L.
    expect(numbers.finePad).toBe(
      'Your pack has 0.48 L of 0.48 L of biological media after the first fine pad.',
    );
    expect(numbers.order).toMatch(/every grade comes after a coarser one/);
    // By hand: 0.48 L of 30 ppi with 1,114 m²/m³, of which 0.8 count.
    expect(numbers.biologicalMedium).toMatch(/with medium foam 0\.43 m²/);
    expect(numbers.fullness).toMatch(/0\.05 L free, and \d+ mm below the rim/);
  });

  it('say so where there is nothing to say', () => {
    const numbers = said([]);
    expect(numbers.chemical).toMatch(/Your pack has none; 1\.01 L are free/);
    expect(numbers.cartridges).toBe('Your pack has none.');
    expect(numbers.flossFirst).toBe('Your pack has no floss.');
  });
});
