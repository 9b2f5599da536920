import type { Filter } from '../filter/filter';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { retainedFilmShare, grownShareSince, type FilmHistory } from './retainedFilmShare';
import { sumOf } from '../maths/sum';

/** What a change of media takes out of a filter of its bacteria. */
export interface FilmLeaving {
  /** Share of the filter’s bacteria that does not come through the change, 0–1: with media that leaves, or by cleaning. */
  readonly share: number;
  /** Share that goes out with media, 0–1. */
  readonly withMedia: number;
  /** Media with bacteria that leave, those that hold most first, each with its share of the filter’s bacteria. */
  readonly pieces: readonly { readonly placed: PlacedLayer; readonly share: number }[];
}

/** What a piece and its bacteria are known by: the same piece of the same medium. */
const identity = ({ layer }: PlacedLayer): string => `${layer.id} ${layer.medium}`;

/**
 * The bacteria that leave a filter when it is packed anew, by surface and age of each piece. A piece that was cut down keeps
 * what is left of it. Null where nothing that has bacteria was in the filter.
 *
 * @param inFlow the new pack
 * @param history what was in the filter until now; null in it: nothing changes
 */
export function filmLeaving(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  history: FilmHistory,
): FilmLeaving | null {
  if (history.found === null) return null;
  const before = placeLayers(filter, history.found).map((placed) => ({
    placed,
    held: placed.measure.surface * grownShareSince(placed.layer.installedOn, history.now),
  }));
  const all = sumOf(before, ({ held }) => held);
  if (all <= 0) return null;
  const after = new Map(inFlow.map((placed) => [identity(placed), placed]));
  let kept = 0;
  const pieces: { placed: PlacedLayer; share: number }[] = [];
  for (const { placed, held } of before) {
    const now = after.get(identity(placed));
    if (now === undefined) {
      if (held > 0) pieces.push({ placed, share: held / all });
    } else
      kept += Math.min(now.measure.surface, placed.measure.surface) * retainedFilmShare(now.layer, history);
  }
  return {
    share: Math.max(0, 1 - kept / all),
    withMedia: sumOf(pieces, ({ share }) => share),
    pieces: pieces.sort((a, b) => b.share - a.share),
  };
}
