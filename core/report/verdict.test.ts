import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { formatSentence } from '../units/sentence';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import { questionLevels } from './questionLevels';
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
    expect(formatSentence(bad.state)).toMatch(
      /^Basket: 0\.5 cm of media above the fill limit\. \d to check\.$/,
    );
    const fair = verdict(reportOf('reed-bench'), range);
    expect(fair.level).toBe('check');
    expect(formatSentence(fair.state)).toMatch(/^Shrimp, but no sponge on the intake\. 1 more to check\.$/);
  });

  it('says that a pack works where only notes are left, and what an empty filter needs', () => {
    expect(formatSentence(verdict(reportOf('long-run'), range).state)).toBe('No problems found.');
    expect(verdict(reportOf('long-run', []), 'working')).toMatchObject({ level: 'empty' });
  });
});

describe('nextService', () => {
  it.each([
    [range, 'Next service: in 6 to 22 weeks.'],
    [{ earliest: 5.4, latest: 11.2 }, 'Next service: in 5 to 12 days.'],
    [{ earliest: 30, latest: 34.9 }, 'Next service: in 4 to 5 weeks.'],
    [{ earliest: 43, latest: null }, 'Next service: in 6 weeks or later.'],
    [{ earliest: 13, latest: 154 }, 'Next service: in 13 to 154 days.'],
    [{ earliest: null, latest: null }, 'Next service: not within a year.'],
    [
      { earliest: null, latest: null, longest: 90 },
      'Next service: not within a year. Look into the filter after 90 days.',
    ],
    [
      { earliest: 36, latest: null, longest: 90 },
      'Next service: in 5 weeks or later. Look into the filter after 90 days.',
    ],
    [{ earliest: 36, latest: 120, longest: 90 }, 'Next service: in 5 to 18 weeks.'],
    ['working', 'Working out the next service.'],
  ] as const)('tells %j as a range', (service, words) => {
    expect(formatSentence(nextService(service))).toBe(words);
  });
});

describe('verdict and questions', () => {
  // They read one source: where a question is to be checked, the verdict is never “no problems found”.
  it.each(WATERS.map(({ filter }) => filter.id))(
    'agree on %s, whatever is fed and whenever it clogs',
    (id) => {
      const water = WATERS.find(({ filter }) => filter.id === id)!;
      for (const perDay of [0.1e-3, 1e-3, 10e-3])
        for (const earliest of [2, 10, 40, null]) {
          const tank = { ...water.tank, feed: { amount: { by: 'weight', perDay } as const, protein: 0.4 } };
          for (const layers of [water.layers, water.layers.slice(0, 1)]) {
            const report = evaluatePack({ ...aloneOn(tank), filter: water.filter, layers, flow: null });
            const said = verdict(report, { earliest, latest: earliest }, water.filter.kind);
            const levels = Object.values(questionLevels(report, water.filter.kind, earliest));
            const gravest = levels.includes('urgent')
              ? 'urgent'
              : levels.includes('check')
                ? 'check'
                : 'works';
            expect([said.level, formatSentence(said.state)]).toEqual([gravest, expect.any(String)]);
          }
        }
    },
  );

  it('says which figure misses its limit', () => {
    const water = WATERS.find(({ filter }) => filter.id === 'long-run')!;
    const tank = { ...water.tank, feed: { amount: { by: 'weight', perDay: 0.1 } as const, protein: 0.4 } };
    const report = evaluatePack({ ...aloneOn(tank), filter: water.filter, layers: water.layers, flow: null });
    expect(formatSentence(verdict(report, 'working').state)).toMatch(
      /^The bacteria may not be enough: at the low end/,
    );
  });
});
