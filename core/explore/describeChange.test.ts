import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { applyEdit, type PackEdit } from '../pack/packEdit';
import { formatSentence } from '../units/sentence';
import { describeChange } from './describeChange';

const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const short = { length: 0.1, width: 0.06 };
const layers: Layer[] = [
  { ...plainLayer('coarse', 'foam-15', 'basket', 0.03), cut: short },
  plainLayer('glass', 'sintered-glass', 'basket', 0.04),
  { ...plainLayer('fine', 'foam-45', 'basket', 0.015), cut: short },
  plainLayer('medium', 'foam-30', 'basket', 0.02),
];
const said = (edit: PackEdit, filter = basket, from = layers): string | null => {
  const words = describeChange(filter, from, applyEdit(from, edit));
  return words === null ? null : formatSentence(words);
};
const set = (layerId: string, change: Partial<Layer>): PackEdit => ({ type: 'set', layerId, change });

describe('describeChange', () => {
  it('names the piece of every change', () => {
    expect(said(set('coarse', { cut: null }))).toBe('Cut the coarse foam to the walls');
    expect(said(set('glass', { thickness: 0.035 }))).toBe('Take 0.5 cm off the sintered glass');
    expect(said(set('glass', { thickness: 0.05 }))).toBe('Add 1.0 cm to the sintered glass');
    expect(said(set('fine', { medium: 'foam-30' }))).toBe('Change the fine foam to medium foam, 30 ppi');
    expect(said(set('fine', { gapFill: 'floss' }))).toBe('Fill the gap beside the fine foam with floss');
    expect(said({ type: 'remove', layerId: 'glass' })).toBe('Remove the sintered glass');
  });

  it('says where a piece goes by what stays in place, and moves the fewest', () => {
    expect(said({ type: 'move', layerId: 'glass', chamberId: 'basket', index: 9 })).toBe(
      'Move the sintered glass after the medium foam',
    );
    expect(
      said({ type: 'arrange', chamberId: 'basket', layerIds: ['coarse', 'medium', 'fine', 'glass'] }),
    ).toBe('Move the fine foam and the sintered glass after the medium foam');
    const added = plainLayer('new', 'floss-bonded', 'basket', 0.01);
    expect(said({ type: 'add', layer: added, index: 1 })).toBe(
      'Add the bonded floss pad before the sintered glass',
    );
  });

  it('tells the same change of several pieces at once, and two changes in one sentence', () => {
    const both: PackEdit = { type: 'all', edits: [set('coarse', { cut: null }), set('fine', { cut: null })] };
    expect(said(both)).toBe('Cut the coarse foam and the fine foam to the walls');
    const two: PackEdit = {
      type: 'all',
      edits: [set('coarse', { cut: null }), set('glass', { thickness: 0.035 })],
    };
    expect(said(two)).toBe('Cut the coarse foam to the walls, and take 0.5 cm off the sintered glass');
  });

  it('gives up where too much changes for a line, and where nothing does', () => {
    const three = [
      set('coarse', { cut: null }),
      set('glass', { thickness: 0.03 }),
      set('medium', { thickness: 0.01 }),
    ];
    expect(said({ type: 'all', edits: three })).toBeNull();
    expect(said(set('coarse', {}))).toBeNull();
  });

  it('names the chamber where nothing else is in it, and numbers twins', () => {
    const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
    const foams = [plainLayer('a', 'foam-30', 'tray-4', 0.03), plainLayer('b', 'foam-30', 'tray-4', 0.03)];
    expect(said({ type: 'move', layerId: 'b', chamberId: 'tray-1', index: 0 }, canister, foams)).toBe(
      'Move the medium foam, layer 2 to “Bottom tray”',
    );
  });
});
