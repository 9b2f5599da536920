import { describe, expect, it } from 'vitest';
import type { Layer } from '@/core/layers/layer';
import { applyEdit, type PackEdit } from '@/core/pack/packEdit';
import { plainLayer } from '@/core/layers/plainLayer';
import { mergeEdit, sandwichEdit, splitEdit } from './layerTools';

const layers = [
  plainLayer('a', 'foam-15', 'c', 0.04),
  plainLayer('b', 'foam-15', 'c', 0.02),
  plainLayer('bag', 'resin', 'c', 0.01),
];
const [a, b, bag] = layers as [Layer, Layer, Layer];
const after = (edit: PackEdit | null): string[] =>
  applyEdit(layers, edit ?? { type: 'all', edits: [] }).map(
    (layer) => `${layer.medium} ${(layer.thickness * 1e3).toFixed(0)}`,
  );

describe('layer tools', () => {
  it('splits into halves, and not what is too thin', () => {
    expect(after(splitEdit(a, layers))).toEqual(['foam-15 20', 'foam-15 20', 'foam-15 20', 'resin 10']);
    expect(splitEdit({ ...a, thickness: 0.003 }, layers)).toBeNull();
  });

  it('merges with the next of the same medium only', () => {
    expect(after(mergeEdit(a, layers))).toEqual(['foam-15 60', 'resin 10']);
    expect(mergeEdit(b, layers)).toBeNull();
    expect(mergeEdit(bag, layers)).toBeNull();
  });

  it('lays a bag between two pads', () => {
    expect(after(sandwichEdit(bag, layers))).toEqual([
      'foam-15 40',
      'foam-15 20',
      'floss-bonded 10',
      'resin 10',
      'floss-bonded 10',
    ]);
  });
});
