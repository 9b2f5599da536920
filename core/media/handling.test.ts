import { describe, expect, it } from 'vitest';
import { CATALOGUE } from './catalogue';
import { canBeCut, canBeRecharged, canBeSized, canBeSqueezed } from './handling';

const idsOf = (is: (medium: (typeof CATALOGUE)[number]) => boolean): string[] =>
  CATALOGUE.filter(is).map(({ id }) => id);

// What hands can do to each form (common practice, no source).
describe('handling', () => {
  it('cuts sheets, and neither cartridges, blocks nor what is poured', () => {
    const cut = idsOf(canBeCut);
    expect(cut).toEqual(expect.arrayContaining(['foam-30', 'floss-bonded', 'carbon-pad']));
    for (const whole of ['cartridge', 'printed-block', 'moulded-grid', 'lava', 'carbon', 'spacer'])
      expect(cut).not.toContain(whole);
    expect(idsOf(canBeSized)).toEqual(expect.arrayContaining(['lava', 'carbon', 'foam-30']));
    expect(idsOf(canBeSized)).not.toContain('cartridge');
  });
  it('squeezes what is soft, and recharges resin and zeolite alone', () => {
    for (const hard of [
      'porous-ceramic',
      'sintered-glass',
      'lava',
      'pumice',
      'rings-dense',
      'scrubbers',
      'cartridge',
    ])
      expect(idsOf(canBeSqueezed)).not.toContain(hard);
    expect(idsOf(canBeSqueezed)).toContain('foam-45');
    expect(idsOf(canBeRecharged).toSorted()).toEqual(['resin', 'zeolite']);
  });
});
