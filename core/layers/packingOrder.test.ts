import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { flowOrder } from './flowOrder';
import { chambersInPackingOrder, packingOrder } from './packingOrder';
import { plainLayer } from './plainLayer';

/** Two layers in every chamber, named chamber:1 and chamber:2 along the flow. */
const packOf = (kind: FilterKind) => {
  const filter = presetFilter(kind, { id: 'f', tankId: 't' }, kind);
  const layers = filter.chambers.flatMap(({ id }) =>
    [1, 2].map((number) => plainLayer(`${id}:${number}`, 'foam-30', id, 0.02)),
  );
  return { filter, layers };
};

// Source: the way of the water of each kind and the hand order that follows (common practice, no source).
describe('hand order from flow order', () => {
  it.each<[FilterKind, string[]]>([
    [
      'canister-centre-pipe',
      [
        ...['bottom:1', 'bottom:2', 'tray-1:1', 'tray-1:2', 'tray-2:1', 'tray-2:2'],
        ...['tray-3:1', 'tray-3:2', 'tray-4:1', 'tray-4:2'],
      ],
    ],
    [
      'canister-down-flow',
      ['tray-1:2', 'tray-1:1', 'tray-2:2', 'tray-2:1', 'tray-3:2', 'tray-3:1', 'tray-4:2', 'tray-4:1'],
    ],
    [
      'canister-outside-in',
      ['perimeter:1', 'perimeter:2', 'tray-1:2', 'tray-1:1', 'tray-2:2', 'tray-2:1', 'tray-3:2', 'tray-3:1'],
    ],
    ['hang-on-back-basket', ['basket:1', 'basket:2']],
    ['hang-on-back-cartridge', ['well:1', 'well:2', 'slot-1:1', 'slot-1:2', 'slot-2:1', 'slot-2:2']],
  ])('%s', (kind, expected) => {
    const { filter, layers } = packOf(kind);
    expect(packingOrder(filter, layers).map((layer) => layer.id)).toEqual(expected);
  });

  it('puts the coarsest of an up-flow canister at the very bottom, of a down-flow one in the top tray', () => {
    const up = packOf('canister-centre-pipe');
    expect(flowOrder(up.filter, up.layers)[0]).toEqual(packingOrder(up.filter, up.layers)[0]);
    const down = packOf('canister-down-flow');
    expect(flowOrder(down.filter, down.layers)[0]).toEqual(packingOrder(down.filter, down.layers).at(-1));
    expect(chambersInPackingOrder(down.filter).at(-1)?.name).toBe('Top tray');
  });

  it('holds every layer once, whatever order the list comes in', () => {
    const { filter, layers } = packOf('canister-outside-in');
    const mixed = [...layers].sort((a, b) => a.id.slice(-1).localeCompare(b.id.slice(-1)));
    expect(new Set(packingOrder(filter, mixed))).toEqual(new Set(layers));
    expect(packingOrder(filter, mixed)).toHaveLength(layers.length);
  });
});
