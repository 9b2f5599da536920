import { FOAM_GIVE } from '../practice/handTolerances';
import { faceSides } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import type { Layer } from './layer';

/** Of a poured layer, share of its thickness: it settles. */
const SAME_FILL = 0.1;

/**
 * The layers that were in a filter, each under the id that it has in a plan: a piece that was taken out of the plan and added
 * again is still the piece that came out. Matched by medium, size and condition; a piece that is torn, foul, brittle or to be
 * thrown away is never taken for another.
 */
export function foundAs(
  filter: Pick<Filter, 'chambers'>,
  planned: readonly Layer[],
  found: readonly Layer[],
): readonly Layer[] {
  const kept = new Set(planned.map(({ id }) => id));
  const known = new Set(found.map(({ id }) => id));
  const open = found.filter((layer) => !kept.has(layer.id) && isFit(layer));
  const fresh = planned.filter(({ id }) => !known.has(id));
  if (open.length === 0 || fresh.length === 0) return found;
  const idOf = new Map<Layer, string>();
  for (const layer of fresh) {
    const like = open.filter((old) => !idOf.has(old) && isSamePiece(filter, old, layer));
    const match = like.find(({ chamber }) => chamber === layer.chamber) ?? like[0];
    if (match !== undefined) idOf.set(match, layer.id);
  }
  return found.map((layer) => {
    const id = idOf.get(layer);
    return id === undefined ? layer : { ...layer, id };
  });
}

const isFit = ({ signs, treatment }: Layer): boolean =>
  signs.length === 0 && treatment !== 'throw away' && treatment !== 'replace in stages';

function isSamePiece({ chambers }: Pick<Filter, 'chambers'>, a: Layer, b: Layer): boolean {
  if (a.medium !== b.medium || JSON.stringify([a.own, a.mix]) !== JSON.stringify([b.own, b.mix]))
    return false;
  const face = ({ cut, chamber }: Layer): readonly number[] => {
    if (cut !== null) return [cut.length, cut.width];
    const shape = chambers.find(({ id }) => id === chamber)?.shape;
    if (shape === undefined) return [];
    const { shown, into } = faceSides(shape);
    return [shown, into];
  };
  const free = ({ thickness, compressionRatio }: Layer): number => thickness / compressionRatio;
  const [one, other] = [face(a), face(b)];
  return (
    one.length === other.length &&
    one.every((side, index) => Math.abs(side - other[index]!) <= FOAM_GIVE) &&
    Math.abs(free(a) - free(b)) <= Math.max(FOAM_GIVE, SAME_FILL * free(a))
  );
}
