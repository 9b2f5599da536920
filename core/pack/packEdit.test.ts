import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdit } from './packEdit';
import { plainLayer } from '../layers/plainLayer';

const layers = [
  plainLayer('a', 'foam-15', 'one', 0.03),
  plainLayer('b', 'foam-30', 'one', 0.03),
  plainLayer('c', 'lava', 'two', 0.05),
];
const ids = (list: readonly { id: string }[]): string => list.map((item) => item.id).join('');
const inChamber = (list: readonly { id: string; chamber: string }[], chamber: string): string =>
  ids(list.filter((item) => item.chamber === chamber));

describe('applyEdit', () => {
  it('moves within a chamber and across', () => {
    expect(ids(applyEdit(layers, { type: 'move', layerId: 'a', chamberId: 'one', index: 1 }))).toBe('bac');
    const across = applyEdit(layers, { type: 'move', layerId: 'a', chamberId: 'two', index: 0 });
    expect([inChamber(across, 'one'), inChamber(across, 'two')]).toEqual(['b', 'ac']);
    const empty = applyEdit(layers, { type: 'move', layerId: 'c', chamberId: 'three', index: 9 });
    expect(inChamber(empty, 'three')).toBe('c');
  });

  it('adds, changes, removes and arranges', () => {
    expect(
      ids(applyEdit(layers, { type: 'add', layer: plainLayer('x', 'lava', 'one', 0.01), index: 1 })),
    ).toBe('axbc');
    expect(applyEdit(layers, { type: 'set', layerId: 'b', change: { thickness: 0.01 } })[1]?.thickness).toBe(
      0.01,
    );
    expect(ids(applyEdit(layers, { type: 'remove', layerId: 'b' }))).toBe('ac');
    expect(ids(applyEdit(layers, { type: 'arrange', chamberId: 'one', layerIds: ['b', 'a'] }))).toBe('bac');
    expect(
      ids(
        applyEdit(layers, {
          type: 'all',
          edits: [
            { type: 'remove', layerId: 'a' },
            { type: 'remove', layerId: 'c' },
          ],
        }),
      ),
    ).toBe('b');
  });

  it('changes nothing when the layer is not there', () => {
    expect(applyEdit(layers, { type: 'move', layerId: 'zz', chamberId: 'one', index: 0 })).toEqual(layers);
    expect(applyEdit(layers, { type: 'remove', layerId: 'zz' })).toEqual(layers);
  });

  it('never loses or doubles a layer by moving, and never touches its input', () => {
    const before = structuredClone(layers);
    fc.assert(
      fc.property(
        fc.constantFrom('a', 'b', 'c'),
        fc.constantFrom('one', 'two', 'three'),
        fc.integer({ min: -3, max: 9 }),
        (layerId, chamberId, index) => {
          const moved = applyEdit(layers, { type: 'move', layerId, chamberId, index });
          expect([...ids(moved)].sort().join('')).toBe('abc');
          expect(moved.find((layer) => layer.id === layerId)?.chamber).toBe(chamberId);
        },
      ),
    );
    expect(layers).toEqual(before);
  });
});
