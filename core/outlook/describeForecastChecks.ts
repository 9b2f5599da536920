import type { LearnedRow } from '../learn/learnedRows';
import { RANGE_HIGH, RANGE_LOW } from '../maths/range';
import { sentence, type Sentence } from '../units/sentence';
import { CHECKED, offTwice, scoreOf, type Checked, type ForecastCheck } from './forecastCheck';

/** How many predictions came true, and how many should: four in five lie within a likely range. */
export function describeScore(checks: readonly ForecastCheck[]): Sentence {
  const { told, within } = scoreOf(checks);
  if (told === 0) return sentence`Nothing measured so far can be compared with a forecast.`;
  const due = Math.round((RANGE_HIGH - RANGE_LOW) * told);
  return sentence`${String(within)} of ${String(told)} predictions ${told === 1 ? 'was' : 'were'} within the likely range. About ${String(due)} should be.`;
}

const OFF_WORDS: Readonly<Record<Checked, readonly [below: string, above: string]>> = {
  service: [
    'The last two packs needed service sooner than predicted.',
    'The last two packs lasted longer than predicted.',
  ],
  flow: [
    'After the last two repacks the clean flow was lower than predicted.',
    'After the last two repacks the clean flow was higher than predicted.',
  ],
  level: [
    'In the last two packs the water stood higher than predicted.',
    'In the last two packs the water stood lower than predicted.',
  ],
};

/**
 * What was twice off in the same way, and what the log has taught since.
 *
 * @param learned what the log of this filter taught
 */
export function describeOffTwice(
  checks: readonly ForecastCheck[],
  learned: readonly LearnedRow[],
): Sentence[] {
  return CHECKED.flatMap((what): Sentence[] => {
    const way = offTwice(checks, what);
    if (way === null) return [];
    const state = OFF_WORDS[what][way < 0 ? 0 : 1];
    const row = mostChanged(
      learned.filter(({ key, told }) => told && (key === 'speed') === (what === 'flow')),
    );
    return [
      row === null
        ? sentence`${state} Your log is still too short to say why.`
        : sentence`${state} Learned since: ${row.label.toLowerCase()} ${{ kind: 'share', si: row.factor }} of usual. The next forecast uses this.`,
    ];
  });
}

/** The number that the log moved furthest from what is usual; null: none. */
const mostChanged = (rows: readonly LearnedRow[]): LearnedRow | null =>
  rows.toSorted((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor)))[0] ?? null;
