import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import { questionLevels } from './questionLevels';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const report = (food: number, ...layers: Layer[]) =>
  evaluatePack({
    ...aloneOn({
      ...newTank('t', 'Test', 0.1),
      feed: { amount: { by: 'weight', perDay: food }, protein: 0.4 },
    }),
    filter,
    layers,
    flow: null,
  });
const full = [
  plainLayer('a', 'foam-15', 'tray-4', 0.08),
  plainLayer('b', 'foam-45', 'tray-3', 0.08),
  plainLayer('c', 'porous-ceramic', 'tray-2', 0.08),
  plainLayer('d', 'porous-ceramic', 'tray-1', 0.08),
];

describe('questionLevels', () => {
  it('says nothing of an empty filter, and nothing of time before a range is known', () => {
    const empty = questionLevels(report(1e-3), filter.kind);
    expect([empty.through, empty.bacteria, empty.clogs]).toEqual([null, null, null]);
  });

  it('holds the early end of the range against what keepers of the kind are content with', () => {
    const sound = report(1e-3, ...full);
    const clogs = (earliest?: number | null) => questionLevels(sound, filter.kind, earliest).clogs;
    expect([clogs(), clogs(3), clogs(300), clogs(null)]).toEqual([null, 'check', 'good', 'good']);
  });

  it('asks for more surface where the bacteria are not enough at the careful end', () => {
    expect(questionLevels(report(1e-3, ...full), filter.kind).bacteria).toBe('good');
    expect(questionLevels(report(40e-3, ...full), filter.kind).bacteria).toBe('check');
  });

  it('is as grave as the gravest finding that belongs to the question', () => {
    const gap = report(1e-3, { ...full[0]!, cut: { length: 0.08, width: 0.08 } }, ...full.slice(1));
    expect(['check', 'urgent']).toContain(questionLevels(gap, filter.kind).through);
  });
});
