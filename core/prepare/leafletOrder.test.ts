import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { leafletOrder } from './leafletOrder';

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const chamber = filter.chambers.find(({ where }) => where === 'body')!.id;
const layer = (id: string, medium: string) => plainLayer(id, medium, chamber, 0.02);

describe('the leaflet’s order', () => {
  it('is set against coarse, fine, biological, chemical, piece by piece', () => {
    // Handbook order, common practice, no source: mechanical from coarse to fine, then biological, then chemical.
    const boxed = [
      layer('carbon', 'carbon'),
      layer('stone', 'sintered-glass'),
      layer('fine', 'foam-45'),
      layer('coarse', 'foam-15'),
    ];
    const places = leafletOrder(filter, boxed, [
      layer('coarse', 'foam-15'),
      layer('stone', 'sintered-glass'),
    ]);
    expect(places.map(({ layerId, right }) => [layerId, right])).toEqual([
      ['carbon', 4],
      ['stone', 3],
      ['fine', 2],
      ['coarse', 1],
    ]);
    expect(places.map(({ planned }) => planned)).toEqual([null, 2, null, 1]);
  });

  it('keeps a right order as it is, and pieces of one grade in the order they came', () => {
    const boxed = [layer('a', 'foam-15'), layer('b', 'foam-15'), layer('c', 'sintered-glass')];
    expect(leafletOrder(filter, boxed, boxed).map(({ leaflet, right }) => leaflet - right)).toEqual([
      0, 0, 0,
    ]);
  });

  it('leaves out the intake sponge, which is first by its place', () => {
    const sponge = filter.chambers.find(({ where }) => where === 'intake');
    const boxed = [layer('a', 'foam-15'), ...(sponge ? [plainLayer('s', 'foam-20', sponge.id, 0.01)] : [])];
    expect(leafletOrder(filter, boxed, []).map(({ layerId }) => layerId)).toEqual(['a']);
  });

  it('has nothing to say of an empty box', () => {
    expect(leafletOrder(filter, [], [])).toEqual([]);
  });
});
