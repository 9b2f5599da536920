import { describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import type { Layer } from '@/core/layers/layer';
import { applyEdit } from '@/core/pack/packEdit';
import { plainLayer } from '@/core/layers/plainLayer';
import { flowLineLayout } from './flowLineLayout';
import { insertionAt } from './insertionAt';
import { layerEdits, moveBy } from './layerEdits';
import { newLayer } from './newLayer';
import { snapThickness } from './snapThickness';

const filter = presetFilter('canister-outside-in', { id: 'f', tankId: 't' }, 'Test');
const layers = [
  plainLayer('a', 'foam-15', 'perimeter', 0.03),
  plainLayer('b', 'foam-30', 'tray-3', 0.03),
  { ...plainLayer('c', 'lava', 'tray-3', 0.05), cut: { length: 0.095, width: 0.19 } },
  plainLayer('d', 'lava', 'tray-1', 0.1),
];
const reportOf = (list: readonly Layer[]) =>
  evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.2)), filter, layers: list, flow: null });
const ROOM = { width: 642, height: 150 };
const layout = flowLineLayout(filter, reportOf(layers), new Map([['c', 0.095]]), ROOM);

describe('flowLineLayout', () => {
  it('fills the width and draws every layer to one scale along the flow', () => {
    expect(layout.width).toBeCloseTo(ROOM.width, 6);
    for (const box of layout.chambers.flatMap((chamber) => chamber.layers))
      expect(box.width / (box.report.to - box.report.from)).toBeCloseTo(layout.along, 6);
  });

  it('draws a short piece short, to the scale across', () => {
    const [b, c] = layout.chambers[1]?.layers ?? [];
    expect(b?.half).toBeCloseTo((0.19 * layout.across) / 2, 9);
    expect((c?.half ?? 0) / (b?.half ?? 1)).toBeCloseTo(0.5, 9);
  });

  it('gives an overfull chamber the room its stack needs', () => {
    const tray = layout.chambers.find((box) => box.chamber.id === 'tray-1');
    expect(tray?.width).toBeCloseTo(0.1 * layout.along, 9);
    expect(tray?.depthWidth).toBeCloseTo(0.08 * layout.along, 9);
  });
});

describe('insertionAt', () => {
  const at = (x: number, moving: string | null = null) => insertionAt(layout, x, moving);
  it('finds the chamber and the place between layers', () => {
    const tray = layout.chambers[1];
    const [b] = tray?.layers ?? [];
    expect(at(-50)).toMatchObject({ chamberId: 'perimeter', index: 0 });
    expect(at((b?.x ?? 0) + 1)).toMatchObject({ chamberId: 'tray-3', index: 0 });
    expect(at((b?.x ?? 0) + (b?.width ?? 0))).toMatchObject({ chamberId: 'tray-3', index: 1 });
    expect(at(5000)).toMatchObject({ chamberId: 'tray-1', index: 1 });
  });

  it('does not count the layer that is moving', () => {
    const [, c] = layout.chambers[1]?.layers ?? [];
    const end = (c?.x ?? 0) + (c?.width ?? 0);
    expect(at(end, 'b')).toMatchObject({ chamberId: 'tray-3', index: 1 });
    expect(at(end)).toMatchObject({ chamberId: 'tray-3', index: 2 });
  });
});

describe('snapThickness', () => {
  const snap = { filledWithout: 0.05, usableDepth: 0.0803, reach: 0.002 };
  it('keeps to the millimetre, and to the stop when near', () => {
    expect(snapThickness(0.0213, snap)).toBe(0.021);
    expect(snapThickness(0.0317, snap)).toBe(0.0303);
    expect(snapThickness(0.0393, snap)).toBe(0.039);
  });
  it('never goes below what holds together', () => {
    expect(snapThickness(-1, snap)).toBe(0.002);
    expect(snapThickness(9, snap)).toBe(2);
  });
});

describe('layerEdits', () => {
  const press = (key: string, more: object = {}) => ({
    key,
    altKey: false,
    shiftKey: false,
    ctrlKey: false,
    metaKey: false,
    ...more,
  });
  const chamberOf = (list: readonly Layer[], id: string) => list.find((layer) => layer.id === id)?.chamber;

  it('moves along the water and over into the next chamber, to both ends', () => {
    let list: readonly Layer[] = layers;
    const seen: (string | undefined)[] = [];
    for (let step = 0; step < 9; step += 1) {
      const layer = list.find((layer) => layer.id === 'a');
      const edit = layer === undefined ? null : moveBy(filter, list, layer, 1);
      if (edit === null) break;
      list = applyEdit(list, edit);
      seen.push(chamberOf(list, 'a'));
    }
    expect(seen).toEqual(['tray-3', 'tray-3', 'tray-3', 'tray-2', 'tray-1', 'tray-1']);
    const back = list.find((layer) => layer.id === 'a');
    expect(back === undefined ? null : moveBy(filter, list, back, 1)).toBeNull();
  });

  it('gives each key its meaning, and none to the others', () => {
    expect(layerEdits(filter, layers, 'b', press('ArrowRight'))).toEqual({ type: 'select', layerId: 'c' });
    expect(layerEdits(filter, layers, 'a', press('ArrowLeft'))).toBeNull();
    expect(layerEdits(filter, layers, 'b', press('+'))).toMatchObject({
      edit: { change: { thickness: 0.031 } },
    });
    expect(layerEdits(filter, layers, 'b', press('-'))).toMatchObject({
      edit: { change: { thickness: 0.029 } },
    });
    expect(layerEdits(filter, layers, 'b', press('Delete'))).toMatchObject({
      edit: { type: 'remove' },
      then: 'c',
    });
    expect(layerEdits(filter, layers, 'b', press('Enter'))).toEqual({ type: 'open' });
    expect(layerEdits(filter, layers, 'b', press('x'))).toBeNull();
    expect(layerEdits(filter, layers, 'b', press('Delete', { ctrlKey: true }))).toBeNull();
    expect(layerEdits(filter, layers, 'ghost', press('Delete'))).toBeNull();
  });
});

describe('newLayer', () => {
  it('is as thick as is usual, or as the room that is left', () => {
    const report = reportOf([plainLayer('x', 'lava', 'tray-2', 0.07)]);
    expect(newLayer('n', madeOnlyOf('foam-30'), filter, 'tray-2', report).thickness).toBeCloseTo(0.01, 9);
    expect(newLayer('n', madeOnlyOf('foam-30'), filter, 'tray-1', report).thickness).toBe(0.03);
    expect(newLayer('n', madeOnlyOf('lava'), filter, 'tray-1', report)).toMatchObject({
      holder: 'bag',
      thickness: 0.04,
    });
    expect(newLayer('n', madeOnlyOf('floss-loose'), filter, 'tray-1', report)).toMatchObject({
      holder: 'none',
      thickness: 0.015,
    });
  });
});
