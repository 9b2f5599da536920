import type { Layer } from '../layers/layer';

/** Ids of layers that were not in the filter, are of another medium, or are thicker than they were: what must be cut anew. */
export function newLayers(planned: readonly Layer[], found: readonly Layer[]): ReadonlySet<string> {
  const old = new Map(found.map((layer) => [layer.id, layer]));
  return new Set(
    planned
      .filter((layer) => {
        const was = old.get(layer.id);
        return was === undefined || was.medium !== layer.medium || layer.thickness > was.thickness;
      })
      .map(({ id }) => id),
  );
}
