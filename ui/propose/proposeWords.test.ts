import { describe, expect, it } from 'vitest';
import type { Limits } from '@/core/propose/proposeInput';
import type { Figures } from '@/core/propose/objectives';
import { plainLayer } from '@/core/layers/plainLayer';
import { wordsFor } from '../fields/wordsFor';
import { formatLayers } from '../flow-line/formatLayers';
import { describeConflictingLimits, formatLimit } from './formatLimit';
import { axisName, formatAxisTick, formatObjective, objectiveValue } from './objectiveWords';

const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const LIMITS: Limits = {
  neverOverflows: true,
  leastTurnover: 6 / 3600,
  mostTurnover: 4 / 3600,
  mostVisits: 12,
  mostMinutes: 300,
  mostMass: 20,
};
const FIGURES: Figures = {
  service: 63,
  fines: 0.2e-3,
  cover: 4.2,
  surface: 3,
  turnover: 5 / 3600,
  turnoverOff: 1,
  cost: 3.9,
  unpriced: 0,
  visits: 5,
  minutes: 170,
  change: 4,
};

describe('limits in words', () => {
  it('say what is asked, in its unit', () => {
    expect(plain(formatLimit(words, LIMITS, 'leastTurnover'))).toBe(
      'a turnover of at least 6.0 times an hour',
    );
    expect(plain(formatLimit(words, LIMITS, 'mostVisits'))).toBe('at most 12 visits a year');
    expect(plain(formatLimit(words, LIMITS, 'mostMass'))).toMatch(/^a weight of at most 20(\.0+)? kg$/);
    expect(formatLimit(words, LIMITS, 'neverOverflows')).toBe('no overflow with every layer blocked');
  });

  it('that contradict each other are both named, with how near each comes when the other is kept', () => {
    const said = describeConflictingLimits(words, LIMITS, {
      kind: 'two',
      limits: ['leastTurnover', 'mostTurnover'],
      missedBy: [2 / 3600, 3 / 3600],
    });
    expect(plain(said)).toBe(
      'No pack has both a turnover of at least 6.0 times an hour and a turnover of at most 4.0 times an hour. With the first limit the closest is 7.0 times an hour; with the second it is 4.0 times an hour. Change one of them.',
    );
  });

  it('that nothing keeps to say how far the nearest is, and what to do', () => {
    const said = describeConflictingLimits(words, LIMITS, {
      kind: 'one',
      limit: 'mostMinutes',
      missedBy: 40,
    });
    expect(said).toBe(
      'No pack has at most 300 minutes a year. The closest is 340 minutes a year. Change that limit.',
    );
    expect(
      describeConflictingLimits(words, LIMITS, { kind: 'one', limit: 'neverOverflows', missedBy: 1 }),
    ).toMatch(/needs a notch/);
    expect(describeConflictingLimits(words, LIMITS, { kind: 'none', spilled: false })).toMatch(
      /Allow more media/,
    );
    expect(describeConflictingLimits(words, LIMITS, { kind: 'none', spilled: true })).toMatch(
      /would overflow/,
    );
    expect(
      describeConflictingLimits(words, LIMITS, { kind: 'several', limits: ['mostVisits', 'mostMass'] }),
    ).toMatch(/within all these limits: at most 12 visits a year; a weight/);
  });
});

describe('wishes in words', () => {
  it('say their figure with a unit; the next service as a range where it is known', () => {
    expect(plain(formatObjective(words, 'service', FIGURES))).toBe('about 9 weeks');
    expect(formatObjective(words, 'service', { ...FIGURES, service: 365 })).toBe('over a year');
    const range = { runs: 100, low: new Float32Array(), high: new Float32Array(), earliest: 35, latest: 84 };
    expect(plain(formatObjective(words, 'service', FIGURES, range))).toBe('5–12 weeks');
    expect(plain(formatObjective(words, 'clear', FIGURES))).toBe('0.20 mg/L');
    expect(plain(formatObjective(words, 'cover', FIGURES))).toBe('4.2 times today’s food');
    expect(formatObjective(words, 'cost', FIGURES)).toBe('€3.90');
    expect(formatObjective(words, 'cost', { ...FIGURES, cost: 0, unpriced: 1e-3 })).toBe('price not entered');
    expect(formatObjective(words, 'minutes', FIGURES)).toBe('170');
  });

  it('speak of surface where bacteria are not worked out', () => {
    expect(plain(formatObjective(words, 'cover', { ...FIGURES, cover: null }))).toMatch(/^3(\.0+)? m²$/);
  });

  it('name an axis by its unit, and its values without', () => {
    expect(axisName(words, 'service')).toBe('Next service, weeks');
    expect(plain(axisName(words, 'clear'))).toBe('Fine dirt in the water, mg/L');
    expect(formatAxisTick(words, 'service', 28)).toMatch(/^4/);
    // No filter is left shut for longer than half a year: all that lasts longer stands there.
    expect(formatAxisTick(words, 'service', 182)).toBe('26 or more');
    expect(objectiveValue('service', { ...FIGURES, service: 365 })).toBe(182);
    expect(formatAxisTick(words, 'clear', 0.3e-3)).toBe('0.30');
  });

  it('write a pack in flow order', () => {
    const layers = [plainLayer('a', 'foam-15', 'basket', 0.06), plainLayer('b', 'lava', 'basket', 0.045)];
    expect(plain(formatLayers(words, layers))).toBe('6.0 cm coarse foam (15 ppi) → 4.5 cm lava rock (15 mm)');
  });
});
