import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { EMPTY_SHELF } from '../shelf/shelf';
import { newTank } from '../tank/newTank';
import { defaultQuery } from './defaultQuery';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('a', 'foam-30', 'tray-1', 0.06)];
const askFor = (volume: number, more: Partial<Parameters<typeof defaultQuery>[0]['around']> = {}) =>
  defaultQuery({
    around: { ...aloneOn(newTank('t', 'Test', volume)), ...more },
    filter,
    mine: layers,
    today: layers,
    shelf: EMPTY_SHELF,
  });

describe('defaultQuery', () => {
  it('asks for the turnover of the trade, or for today’s where that is less, in whole tenths an hour', () => {
    const small = askFor(0.06).limits.leastTurnover! * 3600;
    const large = askFor(0.4).limits.leastTurnover! * 3600;
    expect(large).toBeLessThan(small);
    for (const value of [small, large]) expect(value * 10).toBeCloseTo(Math.round(value * 10), 6);
  });

  it('asks for no turnover where other filters share the tank', () => {
    expect(askFor(0.1, { others: [{ filter, layers }] }).limits.leastTurnover).toBeNull();
  });
});
