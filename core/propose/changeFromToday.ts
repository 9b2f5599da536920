import { LENGTH_TOLERANCE } from '../practice/handTolerances';
import type { Layer } from '../layers/layer';
import { choiceKey } from './choices';

/** What has to be done to the media in a filter to come to a pack: ids of layers. */
export interface ChangeFromToday {
  /** Pieces of foam or pad that are cut from a sheet, or trimmed. */
  readonly cut: readonly string[];
  /** What is poured in anew or filled up. */
  readonly filled: readonly string[];
  /** Layers of today whose media are not used again. */
  readonly away: readonly string[];
  /** Layers that only go to another place. */
  readonly moved: readonly string[];
}

/**
 * What changes between what is in a filter and a pack for it. Layers are matched by their ids.
 *
 * @param isSheet true for a layer that is cut from a sheet
 */
export function changeFromToday(
  today: readonly Layer[],
  pack: readonly Layer[],
  isSheet: (layer: Layer) => boolean,
): ChangeFromToday {
  const before = new Map(today.map((layer) => [layer.id, layer]));
  const isWorked = (layer: Layer): boolean => {
    const old = before.get(layer.id);
    if (old === undefined || choiceKey(old) !== choiceKey(layer)) return true;
    const thicker = layer.thickness - old.thickness;
    return isSheet(layer)
      ? Math.abs(thicker) > LENGTH_TOLERANCE || (old.cut !== null && layer.cut === null)
      : thicker > LENGTH_TOLERANCE;
  };
  const worked = pack.filter(isWorked);
  const kept = new Set(pack.map(({ id }) => id));
  return {
    cut: worked.filter(isSheet).map(({ id }) => id),
    filled: worked.filter((layer) => !isSheet(layer)).map(({ id }) => id),
    away: today.filter(({ id }) => !kept.has(id)).map(({ id }) => id),
    moved: pack
      .filter((layer) => !isWorked(layer) && before.get(layer.id)?.chamber !== layer.chamber)
      .map(({ id }) => id),
  };
}

/** Pieces cut, filled in anew or thrown away. */
export const changes = ({ cut, filled, away }: ChangeFromToday): number =>
  cut.length + filled.length + away.length;
