import { DEFAULT_SCHOOLS } from './defaultSchools';
import type { Schools } from './schools';
import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { formatSentence } from '../units/sentence';
import { newTank } from '../tank/newTank';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { placeLayers } from '../layers/placeLayers';
import type { Layer } from '../layers/layer';
import { layerAdvice } from './layerAdvice';
import { plainLayer } from '../layers/plainLayer';

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const adviceOn = (...layers: Layer[]): string[] =>
  layerAdvice(placeLayers(filter, layers), [], DEFAULT_SCHOOLS).map((advice) => advice.treatment);
const layer = (id: string, medium: string, change: Partial<Layer>, thickness = 0.03): Layer => ({
  ...plainLayer(id, medium, 'basket', thickness),
  ...change,
});

// Source of every advice below: how the trade judges layers at a strip (common practice, no source).
describe('layerAdvice', () => {
  it('says how hard and in what water foam is cleaned by the keeper’s schools', () => {
    const reasonOf = (schools: Partial<Schools>): string =>
      formatSentence(
        layerAdvice(placeLayers(filter, [layer('a', 'foam-30', { dirt: 'loaded' })]), [], {
          ...DEFAULT_SCHOOLS,
          ...schools,
        })[0]?.reason ?? [],
      );
    expect(reasonOf({})).toMatch(/^Squeeze it a few times in old tank water until/);
    expect(reasonOf({ foamCleaning: 'hard' })).toMatch(
      /^Wring it in old tank water until the water runs clear/,
    );
    expect(reasonOf({ rinseWater: 'tap water' })).toMatch(/under the tap/);
  });

  it('cleans no more than is needed, and each medium its own way', () => {
    expect(
      adviceOn(
        layer('a', 'foam-15', { dirt: 'loaded' }),
        layer('b', 'foam-30', { dirt: 'dusted' }),
        layer('c', 'lava', { dirt: 'loaded' }),
        layer('d', 'sintered-glass', { dirt: 'clean' }),
        layer('e', 'foam-45', { dirt: null }),
      ),
    ).toEqual(['squeeze', 'keep', 'rinse', 'keep', 'keep']);
  });

  it('discards what is worn out while enough mature media stays', () => {
    expect(
      adviceOn(
        layer('a', 'foam-15', { dirt: 'loaded', signs: ['foul'] }, 0.01),
        layer('b', 'floss-bonded', { dirt: 'loaded' }, 0.005),
        layer('c', 'foam-45', { dirt: 'clean' }),
      ),
    ).toEqual(['throw away', 'throw away', 'keep']);
  });

  it('never discards all mature media at once', () => {
    const advice = layerAdvice(
      placeLayers(filter, [
        layer('a', 'foam-30', { dirt: 'blocked', signs: ['brittle'] }),
        layer('b', 'foam-45', { dirt: 'loaded', signs: ['foul'] }),
        layer('c', 'carbon', { dirt: 'loaded' }),
      ]),
      [],
      DEFAULT_SCHOOLS,
    );
    expect(advice.map((advice) => advice.treatment)).toEqual([
      'replace in stages',
      'replace in stages',
      'throw away',
    ]);
    expect(formatSentence(advice[0]?.reason ?? [])).toMatch(/crumbles.*100 % of the surface.*in parts/);
    expect(adviceOn(layer('a', 'cartridge', { dirt: 'blocked' }, 0.1))).toEqual(['replace in stages']);
  });

  it('keeps floss and carbon that are only dusted, and recharges resin and zeolite', () => {
    expect(
      adviceOn(
        layer('a', 'floss-bonded', { dirt: 'dusted' }),
        layer('b', 'carbon', { dirt: 'dusted' }),
        layer('c', 'resin', { dirt: 'loaded' }),
        layer('d', 'zeolite', { dirt: 'blocked' }),
        layer('e', 'foam-30', { dirt: 'clean' }),
      ),
    ).toEqual(['keep', 'keep', 'recharge', 'recharge', 'keep']);
  });

  it('speaks of pores only where there are any', () => {
    const reasonOf = (medium: string): string =>
      formatSentence(
        layerAdvice(placeLayers(filter, [layer('a', medium, { dirt: 'blocked' })]), [], DEFAULT_SCHOOLS)[0]
          ?.reason ?? [],
      );
    for (const medium of ['scrubbers', 'balls', 'printed-block', 'rings-dense']) {
      expect(reasonOf(medium)).toMatch(/^Swish it gently in old tank water/);
      expect(reasonOf(medium)).not.toMatch(/pore/);
    }
    expect(reasonOf('lava')).toMatch(/Silt in the pores/);
  });

  it('has short and torn pads cut anew, but not torn bags', () => {
    expect(
      adviceOn(
        layer('a', 'foam-30', { dirt: 'clean', cut: { length: 0.1, width: 0.07 } }),
        layer('b', 'foam-45', { dirt: 'clean', signs: ['damaged'] }),
        layer('c', 'lava', { dirt: 'clean', signs: ['damaged'] }),
      ),
    ).toEqual(['cut', 'cut', 'keep']);
  });

  it('moves what stands in the wrong place, and says how to clean it on the way', () => {
    const layers = [
      layer('a', 'lava', { dirt: 'clean' }),
      layer('b', 'foam-15', { dirt: 'loaded' }),
      layer('c', 'foam-45', { dirt: 'clean' }),
    ];
    const { findings } = evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null });
    const advice = layerAdvice(placeLayers(filter, layers), findings, DEFAULT_SCHOOLS);
    expect(advice.map((advice) => advice.treatment)).toEqual(['keep', 'move', 'move']);
    expect(formatSentence(advice[1]?.reason ?? [])).toMatch(
      /comes after lava rock.*Squeeze it a few times in old tank water/,
    );
  });
});
