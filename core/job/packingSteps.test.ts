import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { formatSentence } from '../units/sentence';
import { packingSteps } from './packingSteps';

const stepsOf = (kind: FilterKind, layers: Layer[]) => {
  const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
  return packingSteps(
    filter,
    layers,
    evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null }),
  );
};

describe('packingSteps', () => {
  it('goes from the bottom up, whatever way the water goes', () => {
    const down = stepsOf('canister-down-flow', [
      plainLayer('coarse', 'foam-15', 'tray-1', 0.03),
      plainLayer('stone', 'lava', 'tray-1', 0.05),
    ]);
    expect(down.map((step) => [step.layerId, step.place])).toEqual([
      ['stone', 'Bottom tray, at the very bottom.'],
      ['coarse', 'Bottom tray, on top of the lava rock, 15 mm.'],
    ]);
  });

  it('says what is mixed before it goes in', () => {
    const mix = { parts: [{ medium: 'scrubbers', own: null, share: 0.25 }], porosity: null };
    const [step] = stepsOf('canister-down-flow', [{ ...plainLayer('a', 'lava', 'tray-1', 0.05), mix }]);
    expect(step?.medium.name).toBe('Lava rock mixed with plastic pot scrubbers');
    expect(step?.hints).toContain(
      'Mix it first, by volume: 25 % plastic pot scrubbers; the rest is lava rock, 15 mm.',
    );
  });

  it('says how large to cut and how much to fill', () => {
    const [pad, stone] = stepsOf('hang-on-back-basket', [
      plainLayer('pad', 'foam-15', 'basket', 0.03),
      { ...plainLayer('stone', 'sintered-glass', 'basket', 0.05), holder: 'bag' },
    ]);
    expect(formatSentence(pad?.size ?? [])).toBe('12.0 cm × 8.0 cm, 3.0 cm thick.');
    expect(pad?.hints.join(' ')).toMatch(/touch the walls/);
    // 12 × 8 × 5 cm is 0.48 L, at 0.68 kg/L 0.33 kg (by hand).
    expect(formatSentence(stone?.size ?? [])).toBe('0.48 L, about 0.33 kg dry, 5.0 cm high.');
    expect(stone?.hints).toEqual(['Spread the bag into the corners.']);
  });

  it('turns bumps against the water', () => {
    expect(
      stepsOf('hang-on-back-basket', [plainLayer('a', 'foam-bumped', 'basket', 0.03)])[0]?.hints.join(' '),
    ).toMatch(/bumps down/);
    expect(
      stepsOf('canister-down-flow', [plainLayer('a', 'foam-bumped', 'tray-4', 0.03)])[0]?.hints.join(' '),
    ).toMatch(/bumps up/);
  });

  it('speaks of slots and sleeves in their own words', () => {
    expect(stepsOf('internal-sponge', [plainLayer('a', 'foam-30', 'sponge', 0.025)])[0]?.place).toBe(
      'Sponge, all around.',
    );
    expect(
      stepsOf('hang-on-back-cartridge', [plainLayer('a', 'floss-bonded', 'slot-1', 0.02)])[0]?.place,
    ).toBe('First cartridge slot, at the inlet side.');
  });
});
