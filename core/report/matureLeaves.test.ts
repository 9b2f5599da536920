import { describe, expect, it } from 'vitest';
import { WATERS } from '@/demo/waters';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import { matureLeaves } from './matureLeaves';
import { matureLeavesOf } from './matureLeavesOf';
import { packMeasures } from './packMeasures';

describe('matureLeaves', () => {
  const { tank, filter, layers: found } = WATERS.find((water) => water.filter.id === 'reed-bench')!;

  it.each([
    ['all that is mature leaves', found.filter(({ medium }) => medium.startsWith('foam')), true],
    ['everything stays', found, false],
  ])('finds what a whole report finds where %s', (_, layers, leaves) => {
    const input = { ...aloneOn(tank), filter, layers, flow: null, found };
    const finding = matureLeaves(packMeasures(input).context, layers);
    expect(finding !== null).toBe(leaves);
    expect(finding).toEqual(matureLeavesOf(evaluatePack(input)));
  });
});
