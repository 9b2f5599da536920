import { expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { flowLineLayout } from './flowLineLayout';
import { insertionPoints } from './insertionPoints';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const pointsOf = (layers: Layer[], width = 900) => {
  const report = evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null });
  return insertionPoints(flowLineLayout(filter, report, new Map(), { width, height: 148 }));
};

it('offers a place before, between and after the layers of every chamber', () => {
  const points = pointsOf([
    plainLayer('a', 'foam-15', 'tray-4', 0.03),
    plainLayer('b', 'foam-30', 'tray-4', 0.03),
  ]).filter(({ chamberId }) => chamberId === 'tray-4');
  expect(points.map(({ before, after, index }) => [before, after, index])).toEqual([
    [null, 'a', 0],
    ['a', 'b', 1],
    ['b', null, 2],
  ]);
});

it('offers one place in an empty chamber, and none so close that a finger would miss it', () => {
  expect(pointsOf([])).toHaveLength(filter.chambers.length);
  const thin = Array.from({ length: 12 }, (_, index) => plainLayer(`l${index}`, 'foam-30', 'tray-4', 0.002));
  const points = pointsOf(thin, 320).filter(({ chamberId }) => chamberId === 'tray-4');
  points.slice(1).forEach((point, index) => {
    expect(point.x - (points[index]?.x ?? 0)).toBeGreaterThanOrEqual(20);
  });
});
