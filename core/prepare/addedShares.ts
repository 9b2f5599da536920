import { newLayers } from '../cut/newLayers';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { solidsFactor } from '../layers/solidsFactor';

/** Less than this share more of a loose medium is none: hands pour no closer. */
const UNNOTICED = 0.02;

/**
 * By layer of a plan, the share of it that is new, 0–1: all of a piece that is cut anew or was not there, of a loose medium
 * what is added to what was.
 *
 * @param found layers that were in the filter before
 */
export function addedShares(
  filter: Filter,
  planned: readonly Layer[],
  found: readonly Layer[],
): ReadonlyMap<string, number> {
  const cutAnew = newLayers(filter, planned, found);
  const amounts = (layers: readonly Layer[]): ReadonlyMap<string, number> =>
    new Map(
      placeLayers(filter, layers).map(({ layer, medium, measure }) => [
        layer.id,
        measure.volume * solidsFactor(medium, layer),
      ]),
    );
  const [now, before] = [amounts(planned), amounts(found)];
  const old = new Map(found.map(({ id, medium }) => [id, medium]));
  return new Map(
    placeLayers(filter, planned).map(({ layer, medium }) => {
      if (old.get(layer.id) !== layer.medium) return [layer.id, 1];
      if (medium.supply === 'sheet') return [layer.id, cutAnew.has(layer.id) ? 1 : 0];
      if (medium.supply === 'piece') return [layer.id, 0];
      const amount = now.get(layer.id) ?? 0;
      const more = amount > 0 ? 1 - (before.get(layer.id) ?? 0) / amount : 0;
      return [layer.id, more > UNNOTICED ? more : 0];
    }),
  );
}
