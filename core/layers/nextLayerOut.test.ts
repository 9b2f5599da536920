import { describe, expect, it } from 'vitest';
import { FilterKindSchema } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { chambersInPackingOrder, packingOrder } from './packingOrder';
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
      for (const chamber of chambersInPackingOrder(filter).toReversed())
        for (const piece of ['first', 'second']) {
          const { chamberId, index } = nextLayerOut(chamber, layers);
          const id = `${chamber.id} ${piece}`;
          lifted.push(id);
          layers = applyEdit(layers, {
            type: 'add',
            layer: plainLayer(id, 'foam-30', chamberId, chamber.depth * 0.5),
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
});
