import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { plainLayer } from '../layers/plainLayer';
import { applyEdit } from '../pack/packEdit';
import { aloneOn } from '../report/surroundings';
import { evaluatePack, type PackReport } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { formatSentence } from '../units/sentence';
import { bestChanges } from './bestChanges';

const inputOf = (id: string, change: Partial<PackInput> = {}): PackInput => {
  const water = WATERS.find(({ filter }) => filter.id === id);
  if (water === undefined) throw new Error('No such water.');
  return {
    ...aloneOn(water.tank),
    filter: water.filter,
    layers: water.layers,
    flow: null,
    ...change,
  };
};
const count = ({ findings }: PackReport, level: string): number =>
  findings.filter((finding) => finding.level === level).length;

describe('bestChanges', () => {
  it('offers what takes urgent findings away first, then those to check', () => {
    const input = inputOf('window-sill');
    const [first, second] = bestChanges(input, evaluatePack(input));
    expect(first?.urgentFewer).toBe(1);
    expect(formatSentence(first?.what ?? [])).toMatch(/^Take 0\.5 cm off the /);
    expect(second?.urgentFewer).toBe(0);
    expect(second?.checkFewer).toBeGreaterThan(1);
  });

  it.each(WATERS.map(({ filter }) => filter.id))('never makes the pack of %s worse', (id) => {
    const input = inputOf(id);
    const before = evaluatePack(input);
    for (const { edit, urgentFewer, checkFewer } of bestChanges(input, before)) {
      const after = evaluatePack({ ...input, layers: applyEdit(input.layers, edit) });
      expect(count(before, 'urgent') - count(after, 'urgent')).toBe(urgentFewer);
      expect(count(before, 'check') - count(after, 'check')).toBe(checkFewer);
      expect(urgentFewer).toBeGreaterThanOrEqual(0);
      if (urgentFewer === 0) expect(checkFewer).toBeGreaterThanOrEqual(0);
    }
  });

  it('says what a change costs as well as what it gains', () => {
    const input = inputOf('window-sill');
    const offered = bestChanges(input, evaluatePack(input));
    expect(offered.some(({ losses }) => losses.length > 0)).toBe(true);
    expect(offered.every(({ gains }) => gains.length > 0)).toBe(true);
  });

  it('leaves a good pack alone', () => {
    const input = inputOf('long-run');
    expect(bestChanges(input, evaluatePack(input))).toEqual([]);
  });

  it('has nothing to offer for an empty filter', () => {
    const input = inputOf('window-sill', { layers: [] });
    expect(bestChanges(input, evaluatePack(input))).toEqual([]);
    const single = inputOf('window-sill', { layers: [plainLayer('a', 'foam-30', 'basket', 0.08)] });
    expect(bestChanges(single, evaluatePack(single)).length).toBeLessThanOrEqual(3);
  });
});
