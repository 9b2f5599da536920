import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { aloneOn } from './surroundings';
import { evaluatePack } from './evaluatePack';
import type { PackInput } from './packMeasures';
import { reportChemical } from './reportChemical';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const tank: Tank = {
  ...newTank('t', 'Test', 0.2),
  feed: { amount: { by: 'weight', perDay: 2e-3 }, protein: 0.4 },
};
const chemical = (layers: readonly Layer[], now: string | null = null, on = tank) =>
  chemicalOf({ ...aloneOn(on), now, filter, layers, flow: null });
const chemicalOf = (input: PackInput) => reportChemical(input, evaluatePack(input));
const pad = (id: string): Layer => plainLayer(id, 'foam-30', 'tray-1', 0.02);
const resin: Layer = {
  ...plainLayer('r', 'resin', 'tray-1', 0.02),
  holder: 'bag',
  cut: { length: 0.17, width: 0.17 },
};

describe('chemical layers', () => {
  // Common practice, no source: a thin bag is gone around; between two pads, its gap filled, it works.
  it('clear the water in days between pads, in weeks where it goes around the bag', () => {
    const alone = chemical([resin])[0]!.half!.tint.likely;
    const sandwiched = chemical([pad('a'), { ...resin, gapFill: 'floss' }, pad('b')])[0]!.half!.tint.likely;
    expect(alone / sandwiched).toBeGreaterThan(5);
    expect(alone).toBeGreaterThan(3 * 86_400);
  });

  it('last by load where food is known, by date where it is not, and say what is left', () => {
    const carbon = { ...plainLayer('c', 'carbon', 'tray-1', 0.02), installedOn: '2026-11-01' };
    const [fed] = chemical([carbon], '2026-11-11T00:00:00Z');
    expect(fed?.lifeBy).toBe('load');
    expect(fed?.left?.likely).toBeCloseTo((fed?.life?.likely ?? 0) - 10, 6);
    const [twice] = chemical([carbon], null, {
      ...tank,
      feed: { amount: { by: 'weight', perDay: 4e-3 }, protein: 0.4 },
    });
    expect((fed?.life?.likely ?? 0) / (twice?.life?.likely ?? 1)).toBeCloseTo(2, 6);
    expect(twice?.left).toBeNull();
    // New wood that came with it shortens it; the pack says so.
    const wood = { what: 'new wood', at: '2026-11-01T10:00:00Z' } as const;
    const now = '2026-11-11T00:00:00Z';
    const [tinted] = chemicalOf({
      ...aloneOn(tank),
      added: [wood],
      now,
      filter,
      layers: [carbon],
      flow: null,
    });
    expect(tinted?.left?.likely).toBeLessThan(0.95 * (fed?.left?.likely ?? 0));
    expect([fed?.shortened, tinted?.shortened]).toEqual([false, true]);
    const unfed = chemical([carbon], null, { ...tank, feed: { amount: null, protein: 0.4 } })[0];
    expect(unfed?.lifeBy).toBe('usual');
  });

  it('hold ammonia as zeolite does, and less of it in hard water', () => {
    const zeolite = plainLayer('z', 'zeolite', 'tray-1', 0.02);
    const soft = chemical([zeolite], null, { ...tank, generalHardness: 5 })[0]!;
    const hard = chemical([zeolite], null, { ...tank, generalHardness: 20 })[0]!;
    expect(soft.holds!.likely).toBeGreaterThan(hard.holds!.likely);
    expect(soft.half).toBeNull();
    expect(soft.lifeBy).toBe('ammonia');
  });
});
