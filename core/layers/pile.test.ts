import { describe, expect, it } from 'vitest';
import { TREATMENTS } from './layerStates';
import { PILES, pileOf } from './pile';

describe('pileOf', () => {
  it('lays what is cleaned, moved or replaced bit by bit back into the filter', () => {
    expect(TREATMENTS.filter((treatment) => pileOf(treatment) !== 'goes back')).toEqual([
      'spare',
      'throw away',
    ]);
    expect(new Set(TREATMENTS.map(pileOf))).toEqual(new Set(PILES));
  });
});
