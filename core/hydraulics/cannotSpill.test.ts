import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import { presetFilter } from '../filter/presetFilter';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { cannotSpill } from './cannotSpill';
import { GRAVITY } from './fluid';
import { intakeVelocity } from './intakeVelocity';
import { lipHeight } from './lipHeight';
import { operatingPoint } from './operatingPoint';

const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');

describe('cannotSpill', () => {
  const guards = cannotSpill(basket, 0.105);

  it('finds a notch over which all the water passes a blocked pack, and no narrower one', () => {
    if (guards?.notch == null || basket.spill === null) throw new Error('No notch.');
    const { spill } = basket;
    // A wrapper shuts the basket but for a leak: all but a trickle has to pass.
    const blocked = (width: number): number => {
      const filter: Filter = { ...basket, spill: { ...spill, notch: { aboveLip: 0, width } } };
      const layers = [{ ...plainLayer('a', 'resin', 'basket', 0.1), holder: 'wrapper' as const }];
      return operatingPoint(filter, placeLayers(filter, layers), 25).level?.headroom ?? NaN;
    };
    expect(blocked(guards.notch.width)).toBeGreaterThan(0);
    // A millimetre is kept on purpose, and the wrapper leaks a little.
    expect(blocked(guards.notch.width)).toBeLessThan(0.006);
    expect(blocked(guards.notch.width * 0.5)).toBeLessThan(0);
  });

  it('finds a corner that lets the same water by, and says what it costs', () => {
    if (guards?.corner == null || basket.spill === null) throw new Error('No corner.');
    const { area, side, media } = guards.corner;
    // By hand: the head it takes is K·v²/2g with K 1.5, and lies between the lip and just under the rim.
    const head = (1.5 * (guards.flow / area) ** 2) / (2 * GRAVITY);
    const over = lipHeight(basket.spill, 0.105, guards.flow);
    expect(head + over).toBeCloseTo(basket.spill.rimAboveLip - 0.001, 6);
    expect(side ** 2).toBeCloseTo(area, 12);
    expect(media).toBeCloseTo(area * 0.105, 12);
  });

  it('has no answer where the lip alone spills, and none for other kinds', () => {
    expect(cannotSpill(presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'T'), 0.1)).toBeNull();
    const low: Filter = { ...basket, spill: basket.spill && { ...basket.spill, rimAboveLip: 0.003 } };
    expect(cannotSpill(low, 0.1)).toBeNull();
  });
});

describe('intakeVelocity', () => {
  it('is flow over face, and a sponge brings it down', () => {
    const flow = 500e-3 / 3600;
    const bare = intakeVelocity(basket, flow, ['shrimp']);
    // By hand: a strainer of 16 mm by 60 mm, two fifths open, has 12.1 cm²: 0.115 m/s.
    expect(bare.speed).toBeCloseTo(0.115, 3);
    expect(bare).toMatchObject({ weakest: 'shrimp', limit: 0.05, throughSponge: false });
    const sponged = intakeVelocity(addIntakeSponge(basket), flow, ['shrimp', 'fry']);
    // π · 56 mm · 80 mm is 141 cm²: 9.9 mm/s, and fry hold out against 2 cm/s.
    expect(sponged.speed).toBeCloseTo(0.00987, 4);
    expect(sponged).toMatchObject({ weakest: 'fry', throughSponge: true });
    expect(sponged.areaNeeded).toBeLessThan(sponged.area);
  });
});
