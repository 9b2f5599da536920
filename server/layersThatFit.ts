import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { unknownMedia } from '@/core/layers/unknownMedia';
import type { Pack } from '@/core/pack/pack';

/** The layers of a record that its filter of today can hold: it may name chambers that were since taken out. */
export function layersThatFit(filter: Filter, pack: Pick<Pack, 'layers'> | null): Layer[] {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  return (pack?.layers ?? []).filter(
    (layer) => chambers.has(layer.chamber) && unknownMedia(layer).length === 0,
  );
}
