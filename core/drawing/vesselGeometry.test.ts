import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import { FilterKindSchema } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { plainLayer } from '../layers/plainLayer';
import { chamberRect, drawnExtent, layerRects, levels, waterWay } from './vesselGeometry';

describe('the way of the water', () => {
  it.each(FilterKindSchema.options)('runs along walls only, through every chamber of %s', (kind) => {
    const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
    const way = waterWay(filter);
    way.slice(1).forEach(([x, y], index) => {
      const [fromX, fromY] = way[index] ?? [0, 0];
      expect(Math.min(Math.abs(x - fromX), Math.abs(y - fromY)), `corner ${index + 1}`).toBeLessThan(1e-9);
    });
    for (const chamber of filter.chambers) {
      const { x, y, width, height } = chamberRect(chamber);
      const edge = 1e-6;
      expect(
        way.some(
          (point) =>
            point[0] >= x - edge &&
            point[0] <= x + width + edge &&
            point[1] >= y - edge &&
            point[1] <= y + height + edge,
        ),
        chamber.name,
      ).toBe(true);
    }
  });
});

describe('a sponge on the intake', () => {
  it.each(FilterKindSchema.options)('comes first on the way through %s, beside the body', (kind) => {
    const filter = addIntakeSponge(presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'));
    const [sponge] = filter.chambers;
    if (sponge === undefined) throw new Error('No sponge.');
    const { x, width } = chamberRect(sponge);
    expect(drawnExtent(filter).left).toBeCloseTo(x, 12);
    expect(waterWay(filter)[1]?.[0]).toBeCloseTo(x + width / 2, 12);
    expect(levels(filter)).toEqual(levels(presetFilter(kind, { id: 'f', tankId: 't' }, 'Test')));
  });
});

describe('layers in the cutaway', () => {
  it.each([
    ['hang-on-back-basket', 'basket', [[0.065, 0.03, 0.12, 0.02]]],
    ['canister-down-flow', 'tray-1', [[0.015, 0.09, 0.19, 0.02]]],
    ['hang-on-back-cartridge', 'well', [[0.035, 0.015, 0.02, 0.11]]],
    [
      'canister-centre-pipe',
      'tray-1',
      [
        [0.015, 0.065, 0.08, 0.02],
        [0.125, 0.065, 0.08, 0.02],
      ],
    ],
    [
      'internal-sponge',
      'sponge',
      [
        [0.015, 0.03, 0.02, 0.12],
        [0.065, 0.03, 0.02, 0.12],
      ],
    ],
  ] as const)('sit where the water of a %s meets them first', (kind, chamberId, expected) => {
    const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
    const layers = [plainLayer('a', 'foam-30', chamberId, 0.02)];
    const [report] = evaluatePack({
      ...aloneOn(newTank('t', 'Test', 0.1)),
      filter,
      layers,
      flow: null,
    }).layers;
    const chamber = filter.chambers.find((chamber) => chamber.id === chamberId);
    if (report === undefined || chamber === undefined) throw new Error('The preset has changed.');
    const rects = layerRects(chamber, report, null).map(({ x, y, width, height }) => [x, y, width, height]);
    expect(rects.map((rect) => rect.map((value) => Math.round(value * 1e4) / 1e4))).toEqual(expected);
  });

  it('knows lip, rim and the tank’s level of a hang-on-back, and of nothing else', () => {
    expect(levels(presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test'))).toEqual({
      lip: 0.125,
      rim: expect.closeTo(0.15, 9) as number,
      tank: expect.closeTo(0.105, 9) as number,
    });
    expect(levels(presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Test'))).toBeNull();
  });
});
