import { FOAM_GIVE, POURING_TOLERANCE } from '../practice/handTolerances';
import { faceSides } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { isHangOnBack } from '../filter/kindFamily';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { choiceKey, isUsable, type Choice } from './choices';
import type { Piece } from './packFromChoices';
import type { FreeSpace } from './freeDepthByChamber';

/**
 * Makes layers of the pieces of a pack that was tried, those that stay pinned among them. What is in the filter until
 * now is used again wherever it fits: the same piece in its chamber first, then in another of the same face, then one
 * that is trimmed; of what is poured, the same medium.
 *
 * @param today what is in the filter until now
 * @returns of pieces in flow order, the layers
 */
export function packOf(
  filter: Filter,
  room: FreeSpace,
  today: readonly Layer[],
  mine: readonly Layer[],
): (pieces: readonly Piece[]) => Layer[] {
  const slots = [...room.lead, ...room.main];
  const stays = [...room.fixed, ...slots.flatMap(({ before, after }) => [...before, ...after])];
  const taken = new Set(stays.map(({ id }) => id));
  const usable = today
    .filter((layer) => isUsable(layer) && !taken.has(layer.id))
    .map((layer): Old => ({
      layer,
      key: choiceKey(layer),
      chamber: filter.chambers.find(({ id }) => id === layer.chamber),
    }));
  const ids = new Set([...today, ...mine].map(({ id }) => id));
  const plain = new Map<Choice, Layer>();
  const plainOf = (choice: Choice): Layer => {
    const known = plain.get(choice);
    if (known !== undefined) return known;
    const fresh: Layer = {
      ...plainLayer('', choice.made.medium, '', 0),
      ...choice.made,
      // Poured media in an open basket pours out when the basket is lifted.
      holder:
        choice.plies.length === 0 && isHangOnBack(filter.kind) && choice.medium.family !== 'floss'
          ? 'bag'
          : 'none',
    };
    plain.set(choice, fresh);
    return fresh;
  };
  return (pieces) => {
    const used = new Map<Piece, Layer>();
    const free = new Set(usable);
    for (const fits of [SAME_PLACE, SAME_FACE, fitsLarger] as const)
      for (const piece of pieces) {
        if (free.size === 0) break;
        if (used.has(piece)) continue;
        for (const old of free)
          if (old.key === piece.choice.key && fits(piece, old)) {
            used.set(piece, old.layer);
            free.delete(old);
            break;
          }
      }
    let number = 0;
    const newId = (): string => {
      do number += 1;
      while (ids.has(`proposed-${number}`));
      return `proposed-${number}`;
    };
    const layerOf = (piece: Piece): Layer => {
      const { choice, slot, thickness, ply } = piece;
      const chamber = slot.chamber.id;
      const old = used.get(piece);
      if (old === undefined)
        return {
          ...plainOf(choice),
          id: newId(),
          chamber,
          thickness,
          compressionRatio: ply === 0 ? 1 : thickness / (Math.max(1, Math.round(thickness / ply)) * ply),
        };
      return {
        ...old,
        chamber,
        thickness: isSame(piece, old) ? old.thickness : thickness,
        compressionRatio: isSame(piece, old) ? old.compressionRatio : 1,
        cut: null,
        treatment: null,
      };
    };
    const layers: Layer[] = [...room.fixed];
    for (const slot of slots) {
      layers.push(...slot.before);
      for (const piece of pieces) if (piece.slot === slot) layers.push(layerOf(piece));
      layers.push(...slot.after);
    }
    return layers;
  };
}

/** A layer of today that may be used again. */
interface Old {
  readonly layer: Layer;
  readonly key: string;
  readonly chamber: Chamber | undefined;
}

/** Whether a layer of the same medium can be used for a piece. */
type Fits = (piece: Piece, old: Old) => boolean;

const free = ({ thickness, compressionRatio }: Layer): number => thickness / compressionRatio;

/** A whole piece, as thick as it is needed. */
const isSame = ({ choice, thickness }: Piece, layer: Layer): boolean =>
  choice.plies.length > 0
    ? Math.abs(layer.thickness - thickness) <= FOAM_GIVE
    : Math.abs(layer.thickness / thickness - 1) <= POURING_TOLERANCE;

/** True for what reaches the walls of a chamber of this face: a poured medium always does. */
function reaches({ choice, slot }: Piece, { layer, chamber }: Old): boolean {
  if (choice.plies.length === 0) return true;
  if (chamber === undefined || layer.cut !== null) return false;
  if (chamber === slot.chamber) return true;
  const [from, to] = [faceSides(chamber.shape), faceSides(slot.chamber.shape)];
  return (
    chamber.shape.form === slot.chamber.shape.form &&
    Math.abs(from.shown - to.shown) < FOAM_GIVE &&
    Math.abs(from.into - to.into) < FOAM_GIVE
  );
}

const SAME_PLACE: Fits = (piece, old) =>
  piece.slot.chamber.id === old.layer.chamber && isSame(piece, old.layer) && reaches(piece, old);

const SAME_FACE: Fits = (piece, old) => isSame(piece, old.layer) && reaches(piece, old);

/** One that is trimmed to fit; of what is poured, more or less of it. */
const fitsLarger: Fits = (piece, old) =>
  (piece.choice.plies.length === 0 || free(old.layer) > piece.thickness) && reaches(piece, old);
