'use client';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { placeLayers } from '@/core/layers/placeLayers';
import { sumOf } from '@/core/maths/sum';
import { useWords } from '../fields/UnitsProvider';
import { PackStrip } from './PackStrip';

interface Props {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
}

/** A pack that is offered, drawn to scale: what was seen of a piece when it came out says nothing of it. */
export function OfferedStrip({ filter, layers }: Props) {
  const words = useWords();
  const placed = placeLayers(filter, layers);
  return (
    <PackStrip
      words={words}
      chambers={new Set(layers.map(({ chamber }) => chamber)).size}
      layers={layers.map((layer) => ({ ...layer, dirt: null }))}
      report={{
        thickness: sumOf(placed, ({ layer }) => layer.thickness),
        layers: placed.map(({ layer, measure }) => ({
          layerId: layer.id,
          from: measure.from,
          to: measure.to,
          coverShare: measure.coverShare,
        })),
      }}
    />
  );
}
