import { faceSides } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { isHangOnBack } from '../filter/kindFamily';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { choiceKey, isUsable } from './choices';
import type { Piece } from './layOut';
import type { Room } from './room';

/** A piece that differs by less than this is the piece that was there, m: foam gives as much. */
const GIVES = 1.5e-3;
/** A poured medium that differs by less than this share is left as it is. */
const UNNOTICED = 0.02;

/**
 * The layers of a pack that was tried, those that stay pinned among them. What is in the filter until now is used
 * again wherever it fits: the same piece in its chamber first, then in another of the same face, then one that is
 * trimmed; of what is poured, the same medium.
 *
 * @param pieces in flow order
 * @param today what is in the filter until now
 */
export function packOf(
  filter: Filter,
  room: Room,
  pieces: readonly Piece[],
  today: readonly Layer[],
  mine: readonly Layer[],
): Layer[] {
  const pinned = new Set([...room.lead, ...room.main].flatMap(({ before, after }) => [...before, ...after]));
  const taken = new Set([...pinned, ...room.fixed].map(({ id }) => id));
  const usable = today.filter((layer) => isUsable(layer) && !taken.has(layer.id));
  const used = new Map<Piece, Layer>();
  const free = new Set(usable);
  for (const fits of [SAME_PLACE, SAME_FACE, LARGER] as const)
    for (const piece of pieces) {
      if (used.has(piece)) continue;
      const old = usable.find((layer) => free.has(layer) && fits(filter, piece, layer));
      if (old === undefined) continue;
      used.set(piece, old);
      free.delete(old);
    }
  const ids = new Set([...today, ...mine].map(({ id }) => id));
  let number = 0;
  const newId = (): string => {
    do number += 1;
    while (ids.has(`proposed-${number}`));
    return `proposed-${number}`;
  };
  const layerOf = (piece: Piece): Layer => {
    const { choice, slot, thickness } = piece;
    const old = used.get(piece);
    if (old !== undefined)
      return {
        ...old,
        chamber: slot.chamber.id,
        thickness: isSame(piece, old) ? old.thickness : thickness,
        compressionRatio: isSame(piece, old) ? old.compressionRatio : 1,
        cut: null,
        treatment: null,
      };
    return {
      ...plainLayer(newId(), choice.made.medium, slot.chamber.id, thickness),
      ...choice.made,
      // Poured media in an open basket pours out when the basket is lifted.
      holder:
        choice.plies.length === 0 && isHangOnBack(filter.kind) && choice.medium.family !== 'floss'
          ? 'bag'
          : 'none',
    };
  };
  const layers = [...room.lead, ...room.main].flatMap((slot) => [
    ...slot.before,
    ...pieces.filter((piece) => piece.slot === slot).map(layerOf),
    ...slot.after,
  ]);
  return [...room.fixed, ...layers];
}

type Fits = (filter: Filter, piece: Piece, layer: Layer) => boolean;

const free = ({ thickness, compressionRatio }: Layer): number => thickness / compressionRatio;

/** A whole piece, as thick as it is needed. */
const isSame = ({ choice, thickness }: Piece, layer: Layer): boolean =>
  choice.plies.length > 0
    ? Math.abs(layer.thickness - thickness) <= GIVES
    : Math.abs(layer.thickness / thickness - 1) <= UNNOTICED;

const isOf = ({ choice }: Piece, layer: Layer): boolean => choice.key === choiceKey(layer);

/** True for what reaches the walls of a chamber of this face: a poured medium always does. */
function reaches(filter: Filter, { choice, slot }: Piece, { chamber, cut }: Layer): boolean {
  if (choice.plies.length === 0) return true;
  const before = filter.chambers.find(({ id }) => id === chamber);
  if (before === undefined || cut !== null) return false;
  const [from, to] = [faceSides(before.shape), faceSides(slot.chamber.shape)];
  return (
    before.shape.form === slot.chamber.shape.form &&
    Math.abs(from.shown - to.shown) < GIVES &&
    Math.abs(from.into - to.into) < GIVES
  );
}

const SAME_PLACE: Fits = (filter, piece, layer) =>
  isOf(piece, layer) &&
  piece.slot.chamber.id === layer.chamber &&
  reaches(filter, piece, layer) &&
  isSame(piece, layer);

const SAME_FACE: Fits = (filter, piece, layer) =>
  isOf(piece, layer) && reaches(filter, piece, layer) && isSame(piece, layer);

/** One that is trimmed to fit; of what is poured, more or less of it. */
const LARGER: Fits = (filter, piece, layer) =>
  isOf(piece, layer) &&
  reaches(filter, piece, layer) &&
  (piece.choice.plies.length === 0 || free(layer) > piece.thickness);
