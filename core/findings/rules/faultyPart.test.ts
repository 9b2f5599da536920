import { describe, expect, it } from 'vitest';
import { presetFilter } from '../../filter/presetFilter';
import type { PartsSeen } from '../../filter/smallPart';
import { faultyParts, partsSeen } from '../../filter/smallParts';
import { plainLayer } from '../../layers/plainLayer';
import { shoppingList } from '../../prepare/shopping';
import { aloneOn } from '../../report/surroundings';
import { evaluatePack } from '../../report/evaluatePack';
import { newTank } from '../../tank/newTank';
import { formatSentence } from '../../units/sentence';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('a', 'foam-30', 'tray-4', 0.08)];
const said = (parts: PartsSeen): string[] =>
  evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null, parts })
    .findings.filter(({ rule }) => rule === 'faulty-part')
    .map(({ level, title }) => `${level}: ${formatSentence(title)}`);

// What each part’s fault brings: the trade’s list of small parts (common practice, no source).
describe('small parts that are worn or missing', () => {
  it('are a finding: urgent where one that holds the water is missing', () => {
    expect(said({ seal: 'fine' })).toEqual([]);
    expect(said({ seal: 'worn', impeller: 'worn' })).toEqual([
      'check: Worn: lid seal and its groove and impeller.',
    ]);
    expect(said({ clips: 'missing', impeller: 'worn' })).toEqual([
      'urgent: Missing: lid clips.',
      'check: Worn: impeller.',
    ]);
  });

  it('are on the shopping list, each with its spare', () => {
    const bought = (parts: PartsSeen) =>
      shoppingList({ filter, layers, found: layers, cuts: [], fills: [], parts }, {
        items: [],
      } as unknown as Parameters<typeof shoppingList>[1]).map(({ part }) => part);
    expect(bought({ clips: 'missing', seal: 'worn', 'suction cups': 'fine' })).toEqual([
      'lid seal',
      'lid clip',
    ]);
  });

  it('has one word on the levelling foot, wherever it was entered', () => {
    const hang = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
    const without = { ...hang, spill: { ...hang.spill!, foot: 'missing' as const } };
    expect(partsSeen(without, {})['levelling foot']).toBe('missing');
    expect(partsSeen(hang, { 'levelling foot': 'missing' })['levelling foot']).toBe('fine');
    expect(faultyParts(without, { 'levelling foot': 'fine' }).map(({ part }) => part)).toEqual([
      'levelling foot',
    ]);
  });
});
