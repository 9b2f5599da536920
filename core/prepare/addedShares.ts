import { POURING_TOLERANCE } from '../practice/handTolerances';
import { newLayers } from '../cut/newLayers';
import type { Filter } from '../filter/filter';
import { foundAs } from '../layers/foundAs';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { solidsFactor } from '../layers/solidsFactor';

/**
 * By layer of a plan, the share of it that is new, 0–1: all of a piece that is cut anew or was not there, of a loose medium
 * what is added to what was. What layers of before no longer need of a loose medium is poured into those that need more.
 *
 * @param before layers that were in the filter before
 */
export function addedShares(
  filter: Filter,
  planned: readonly Layer[],
  before: readonly Layer[],
): ReadonlyMap<string, number> {
  const found = foundAs(filter, planned, before);
  const cutAnew = newLayers(filter, planned, found);
  const amounts = (layers: readonly Layer[]): ReadonlyMap<string, number> =>
    new Map(
      placeLayers(filter, layers).map(({ layer, medium, measure }) => [
        layer.id,
        measure.volume * solidsFactor(medium, layer),
      ]),
    );
  const [now, then] = [amounts(planned), amounts(found)];
  const left = leftOver(found, then, now);
  const old = new Map(found.map(({ id, medium }) => [id, medium]));
  return new Map(
    placeLayers(filter, planned).map(({ layer, medium }) => {
      const isOld = old.get(layer.id) === layer.medium;
      if (medium.supply === 'sheet') return [layer.id, isOld && !cutAnew.has(layer.id) ? 0 : 1];
      if (medium.supply === 'piece') return [layer.id, isOld ? 0 : 1];
      const amount = now.get(layer.id) ?? 0;
      const missing = amount - (isOld ? (then.get(layer.id) ?? 0) : 0);
      const taken = Math.max(0, Math.min(missing, left.get(looseKey(layer)) ?? 0));
      left.set(looseKey(layer), (left.get(looseKey(layer)) ?? 0) - taken);
      const more = amount > 0 ? (missing - taken) / amount : isOld ? 0 : 1;
      return [layer.id, more > POURING_TOLERANCE ? more : 0];
    }),
  );
}

/** Two loose layers of the same key can be poured together. */
const looseKey = ({ id, medium, mix }: Layer): string => (mix === null ? medium : id);

/** By medium, what of the layers of before is not needed any more where it was, and is fit to be used again. */
function leftOver(
  found: readonly Layer[],
  before: ReadonlyMap<string, number>,
  now: ReadonlyMap<string, number>,
): Map<string, number> {
  const left = new Map<string, number>();
  for (const layer of found) {
    const isFit = layer.signs.length === 0 && layer.treatment !== 'throw away';
    const spare = (before.get(layer.id) ?? 0) - (now.get(layer.id) ?? 0);
    if (isFit && spare > 0) left.set(looseKey(layer), (left.get(looseKey(layer)) ?? 0) + spare);
  }
  return left;
}
