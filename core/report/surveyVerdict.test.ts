import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import { assumptions } from './assumptions';
import { surveyVerdict } from './surveyVerdict';

const tank = newTank('t', 'Test', 0.1);
const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');

describe('surveyVerdict', () => {
  it('asks for the food first, and does not wait for it', () => {
    const { level, next } = surveyVerdict(assumptions(tank, filter, []));
    expect(level).toBe('works');
    expect(formatSentence(next)).toMatch(/Start with the daily food: it decides when the filter clogs\.$/);
  });

  it('counts what is assumed, and is content with it', () => {
    const fed = { ...tank, feed: { amount: { by: 'weight' as const, perDay: 1e-3 }, protein: 0.4 } };
    const list = assumptions(fed, filter, []);
    const { level, next } = surveyVerdict(list);
    expect(level).toBe('works');
    expect(formatSentence(next)).toContain(`${list.length} values are assumed`);
    expect(formatSentence(surveyVerdict([]).next)).toBe('Nothing is assumed.');
    expect(formatSentence(surveyVerdict(list.slice(1, 2)).next)).toContain('1 value is assumed');
  });
});
