import { describe, expect, it } from 'vitest';
import { FilterKindSchema } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { packingOrder } from './packingOrder';
import type { Layer } from './layer';
import { nextLayerOut } from './nextLayerOut';
import { applyEdit } from '../pack/packEdit';
import { plainLayer } from './plainLayer';

describe('nextLayerOut', () => {
  // Source: taking apart is putting in backwards (common practice, no source).
  it.each(FilterKindSchema.options)(
    'writes down what is lifted out of %s in the order it was lifted',
    (kind) => {
      const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
      let layers: Layer[] = [];
      const lifted: string[] = [];
      for (let piece = 0; piece < 6; piece += 1) {
        const { chamberId, index } = nextLayerOut(filter, layers);
        const depth = filter.chambers.find((chamber) => chamber.id === chamberId)?.depth ?? 0;
        lifted.push(`p${piece}`);
        layers = applyEdit(layers, {
          type: 'add',
          layer: plainLayer(`p${piece}`, 'foam-30', chamberId, depth * 0.5),
          index,
        });
      }
      expect(
        packingOrder(filter, layers)
          .reverse()
          .map((layer) => layer.id),
      ).toEqual(lifted);
    },
  );

  it('goes on to the chamber below once one is full, and stays in the last', () => {
    const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
    const full = (id: string): Layer => plainLayer(id, 'lava', id, 0.08);
    expect(nextLayerOut(filter, []).chamberId).toBe('tray-4');
    expect(nextLayerOut(filter, [full('tray-4')]).chamberId).toBe('tray-3');
    expect(nextLayerOut(filter, ['tray-4', 'tray-3', 'tray-2', 'tray-1'].map(full)).chamberId).toBe('tray-1');
    expect(nextLayerOut(filter, [full('tray-4')], ['tray-3']).chamberId).toBe('tray-2');
    expect(nextLayerOut(filter, [], ['tray-4']).chamberId).toBe('tray-3');
  });
});
