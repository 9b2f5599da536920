import { describe, expect, it } from 'vitest';
import { LEARNED_KEYS } from '../dirt/learnedFactors';
import { formatSentence } from '../units/sentence';
import { describeOutlier } from './describeOutlier';
import type { Outlook } from './outlook';
import { whyNoForecast } from './whyNoForecast';
import { outlookVerdict } from './outlookVerdict';

const NO_COURSE = { likely: [], low: [], high: [] };

const PACKED = '2026-06-01T12:00:00.000Z';
const day = (number: number): string => new Date(Date.parse(PACKED) + number * 86_400_000).toISOString();
const size = LEARNED_KEYS.length + 1;
const posterior = {
  readings: 6,
  mean: Array.from({ length: size }, () => 0),
  root: Array.from({ length: size }, () => Array.from({ length: size }, () => 0)),
};
const outlook = (
  [earliest, likely, latest]: readonly (number | null)[],
  learned: Partial<Outlook['learned']> = {},
): Outlook => ({
  learned: { posterior, refused: false, odd: [], ...learned },
  forecast: {
    packedAt: PACKED,
    by: 'through',
    earliest: earliest ?? null,
    likely: likely ?? null,
    latest: latest ?? null,
    flow: NO_COURSE,
    lost: NO_COURSE,
    passes: NO_COURSE,
    visits: [],
    sponge: null,
  },
});
const said = (made: Outlook | null, now: number): string => {
  const { state, next } = outlookVerdict(made, day(now), 'working');
  return `${formatSentence(state)} ${formatSentence(next)}`;
};

describe('outlookVerdict', () => {
  it('counts the range from today', () => {
    expect(said(outlook([40, 50, 60]), 20)).toBe(
      'Next service: in 2 to 6 weeks. Based on 6 readings from this filter.',
    );
    expect(said(outlook([40, 50, 60]), 38)).toMatch(/^Next service: in 2 to 22 days\./);
    expect(said(outlook([40, 50, 60]), 45)).toMatch(/^Next service: any day now, within 3 weeks\./);
    expect(said(outlook([40, 50, null]), 20)).toMatch(/^Next service: in 2 weeks or later\./);
    expect(said(outlook([null, null, null]), 20)).toMatch(/over a year/);
  });

  it('says when to look in, where that comes first', () => {
    const never = outlook([null, null, null]);
    const visit = { day: 90, works: [], lifts: [], minutes: 20, why: 'look' as const };
    const looked = { ...never, forecast: { ...never.forecast!, visits: [visit] } };
    expect(said(looked, 20)).toMatch(
      /^Next service: in over a year\. Look into the filter in about 10 weeks\./,
    );
    expect(said(looked, 74)).toMatch(/in about 2 weeks\./);
    expect(said(looked, 85)).toMatch(/in about 5 days\./);
    expect(said(looked, 90)).toMatch(/Look into the filter now\./);
  });

  it('asks for hands once the likely day has come, and says how late it is after the range', () => {
    expect(outlookVerdict(outlook([40, 50, 60]), day(51), 'working').level).toBe('check');
    expect(said(outlook([40, 50, 60]), 51)).toMatch(/^Needs service about now\./);
    expect(said(outlook([40, 50, 60]), 63)).toMatch(/^Needs service now: it was due 3 days ago\./);
  });

  it('says what was learned, what does not fit, and why nothing was', () => {
    const odd = { id: 'x', kind: 'flow' as const, value: 1e-4, low: 1.5e-4, high: 2e-4, causes: [] };
    expect(said(outlook([40, 50, 60], { odd: [odd] }), 1)).toContain('one reading does not match');
    expect(said(outlook([40, 50, 60], { posterior: null }), 1)).toContain('Measure the flow');
    expect(said(outlook([40, 50, 60], { posterior: null, refused: true }), 1)).toContain(
      'contradict each other',
    );
    expect(said(null, 1)).toBe(
      'Working out the next service. The forecast uses the pack, the food and the log.',
    );
  });

  it('asks only for what is missing, and for nothing while the answer is worked out', () => {
    const told = (...given: Parameters<typeof whyNoForecast>): string => {
      const { state, next } = outlookVerdict(null, day(1), whyNoForecast(...given));
      return `${formatSentence(state)} ${formatSentence(next)}`;
    };
    expect(told(false, false)).toMatch(/Finish a repack/);
    expect(told(true, false)).toMatch(/^Working out the next service/);
    expect(told(true, false)).not.toMatch(/food under|repack/);
    expect(told(true, true)).toMatch(/could not be worked out.*Try again/);
  });
});

describe('describeOutlier', () => {
  it('names the reading, what was expected, the causes by their shares, and the check of the first', () => {
    const { state, causes, check } = describeOutlier({
      id: 'x',
      kind: 'flow',
      value: 300 / 3.6e6,
      low: 400 / 3.6e6,
      high: 500 / 3.6e6,
      causes: [
        { cause: 'sponge', share: 0.6 },
        { cause: 'food', share: 0.3 },
      ],
    });
    expect(formatSentence(state)).toMatch(
      /^300.L\/h does not match your other readings\. They suggest 400.L\/h to 500.L\/h\.$/,
    );
    expect(causes).toBe(
      'Most likely: a blocked strainer or intake sponge (60 %), a different amount of food from the one you entered (30 %).',
    );
    expect(check).toMatch(/^Take off the intake sponge/);
  });
});
