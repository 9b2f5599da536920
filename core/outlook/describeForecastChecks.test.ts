import { describe, expect, it } from 'vitest';
import type { LearnedRow } from '../learn/learnedRows';
import { formatSentence } from '../units/sentence';
import { describeOffTwice, describeScore } from './describeForecastChecks';
import type { ForecastCheck } from './forecastCheck';

const check = (off: number | null, what: ForecastCheck['what'] = 'service') =>
  ({ what, off }) as ForecastCheck;
const row = (key: LearnedRow['key'], factor: number, told = true): LearnedRow => ({
  ...{ key, factor, told, low: factor, high: factor },
  label: `Label of ${key}`,
});
const said = (...args: Parameters<typeof describeOffTwice>) =>
  describeOffTwice(...args).map((one) => formatSentence(one));

describe('how good the forecasts were, in words', () => {
  it('counts those within their range beside those that should be', () => {
    const text = (checks: ForecastCheck[]) => formatSentence(describeScore(checks));
    expect(text([0, 0, 0, 1, null].map((off) => check(off)))).toBe(
      '3 of 4 predictions were within the likely range. About 3 should be.',
    );
    expect(text([check(0)])).toBe('1 of 1 predictions was within the likely range. About 1 should be.');
    expect(text([check(null)])).toMatch(/^Nothing measured/);
  });

  it('says what was learned where two were off the same way', () => {
    const sooner = [check(-3), check(-1)];
    const rows = [row('fed', 1.3), row('decay', 0.9), row('attachment', 3, false), row('speed', 2)];
    expect(said(sooner, rows)).toEqual([
      'The last two packs needed service sooner than predicted. Learned since: label of fed 130 % of usual. The next forecast uses this.',
    ]);
    expect(said(sooner, [])[0]).toMatch(/still too short to say why/);
    expect(said([check(1, 'flow'), check(2, 'flow')], rows)[0]).toMatch(
      /clean flow was higher than predicted.*label of speed 200 %/,
    );
    expect(said([check(1), check(-1)], rows)).toEqual([]);
  });
});
