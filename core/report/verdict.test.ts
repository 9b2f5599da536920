import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { formatSentence } from '../units/sentence';
import { aloneOn, evaluatePack } from './evaluatePack';
import { nextService, verdict } from './verdict';

const reportOf = (id: string, layers?: []) => {
  const water = WATERS.find(({ filter }) => filter.id === id);
  if (water === undefined) throw new Error('No such water.');
  return evaluatePack({
    ...aloneOn(water.tank),
    filter: water.filter,
    layers: layers ?? water.layers,
    flow: null,
  });
};
const range = { earliest: 43, latest: 154 };

describe('verdict', () => {
  it('says the most serious first, with how many more there are', () => {
    const bad = verdict(reportOf('window-sill'), range);
    expect(bad.level).toBe('urgent');
    expect(formatSentence(bad.state)).toMatch(/^Basket: 0\.5 cm of media above the stop\. \d to check\.$/);
    const fair = verdict(reportOf('reed-bench'), range);
    expect(fair.level).toBe('check');
    expect(formatSentence(fair.state)).toMatch(/^Shrimp, and no sponge on the intake\. 1 more to check\.$/);
  });

  it('says that a pack works where only notes are left, and what an empty filter needs', () => {
    expect(formatSentence(verdict(reportOf('long-run'), range).state)).toBe('Works: no problems found.');
    expect(verdict(reportOf('long-run', []), 'working')).toMatchObject({ level: 'empty' });
  });
});

describe('nextService', () => {
  it.each([
    [range, 'Next service: in 6 to 22 weeks.'],
    [{ earliest: 5.4, latest: 11.2 }, 'Next service: in 5 to 12 days.'],
    [{ earliest: 30, latest: 34.9 }, 'Next service: in 4 to 5 weeks.'],
    [{ earliest: 43, latest: null }, 'Next service: in 6 weeks or later, perhaps not within a year.'],
    [{ earliest: null, latest: null }, 'Next service: not within a year.'],
    ['working', 'Next service: being worked out.'],
    ['no food', 'Enter the daily food to see when this filter clogs.'],
  ] as const)('tells %j as a range', (service, words) => {
    expect(formatSentence(nextService(service))).toBe(words);
  });
});
