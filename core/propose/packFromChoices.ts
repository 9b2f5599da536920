import { MILLIMETRE } from '../units/siFactors';
import { LENGTH_TOLERANCE } from '../practice/handTolerances';
import { volumeBetween } from '../filter/chamberGeometry';
import { leastThickness } from '../practice/leastThickness';
import type { Choice } from './choices';
import type { Slot } from './freeDepthByChamber';
import { sum } from '../maths/sum';

/** A piece of a pack that is tried: a medium in a chamber, along the flow, m. */
export interface Piece {
  readonly choice: Choice;
  readonly slot: Slot;
  /** From the beginning of the chamber. */
  readonly from: number;
  readonly thickness: number;
  /** Thickness of one ply of it, m; 0: it is poured. */
  readonly ply: number;
}

/** What is to be laid, in flow order: of sheets so many plies, of what is poured so thick, m. */
export interface Item {
  readonly choice: Choice;
  readonly thickness: number;
  /** Thickness of one ply, m; 0: it is poured, and may be parted at a chamber’s end. */
  readonly ply: number;
}

/** Least layer that is worth a hand, m (common practice, no source). */
const MIN_THICKNESS = 5e-3;

/** The thinnest layer of a choice that does its work, m. */
const leastOf = ({ medium }: Choice): number => Math.max(MIN_THICKNESS, leastThickness(medium));

/** What a pack is laid from. */
export interface Lay {
  readonly ahead: readonly Item[];
  /** What takes the room that is left, one after the other as far as there is of each. */
  readonly fill: readonly Choice[];
  readonly behind: readonly Item[];
}

/**
 * Lays a pack into the room of its chambers in flow order: what comes ahead from the first face on, what comes behind
 * up to the last, and the fill between. Whole plies stay in one chamber; what is poured is parted at a chamber’s end.
 *
 * @param slots in flow order
 * @param left poured m³ of each choice that may be used; lessened by what is laid
 * @returns the pieces in flow order; null where they do not fit
 */
export function packFromChoices(
  slots: readonly Slot[],
  { ahead, fill, behind }: Lay,
  left: Map<string, number>,
): Piece[] | null {
  const starts = slots.map(({ from }) => from);
  const ends = slots.map(({ from, depth }) => from + Math.max(0, depth));
  const first = layFrom('near', slots, starts, ends, ahead, left);
  if (first === null) return null;
  const last = layFrom('far', slots, starts, ends, behind, left);
  if (last === null) return null;
  const middle: Piece[] = [];
  slots.forEach((slot, index) => {
    let at = starts[index]!;
    for (const choice of fill) {
      const room = ends[index]! - at;
      if (room < leastOf(choice) - LENGTH_TOLERANCE) continue;
      for (const { thickness, ply } of choice.plies.length > 0
        ? pliesIn(choice.plies, room)
        : [{ thickness: poured(choice, slot, at, room, left), ply: 0 }]) {
        if (thickness < leastOf(choice) - LENGTH_TOLERANCE) continue;
        take(choice, slot, at, thickness, left);
        middle.push({ choice, slot, from: at, thickness, ply });
        at += thickness;
      }
    }
  });
  // A slot may hold the last of what comes ahead, fill, and the first of what comes behind: they are joined by place.
  return stacked(
    [...first, ...middle, ...last].sort(
      (a, b) => slots.indexOf(a.slot) - slots.indexOf(b.slot) || a.from - b.from,
    ),
  );
}

type Left = Map<string, number>;

const volumeOf = (slot: Slot, from: number, thickness: number): number =>
  volumeBetween(slot.chamber.shape, from, from + thickness);

/** Room that a piece takes, m³. */
export const pieceVolume = ({ slot, from, thickness }: Piece): number => volumeOf(slot, from, thickness);

function take(choice: Choice, slot: Slot, from: number, thickness: number, left: Left): void {
  const there = left.get(choice.key);
  if (there !== undefined) left.set(choice.key, there - volumeOf(slot, from, thickness));
}

/** How thick a poured medium can be in a room, to whole millimetres where it ends within. */
function poured(choice: Choice, slot: Slot, from: number, room: number, left: Left): number {
  const there = left.get(choice.key) ?? Infinity;
  if (there >= volumeOf(slot, from, room)) return room;
  const share = there / volumeOf(slot, from, room);
  return Math.floor((room * share) / MILLIMETRE + LENGTH_TOLERANCE) * MILLIMETRE;
}

/**
 * Plies that fill a room best, in fewest pieces: layers of one sheet’s thickness each, thickest sheets first.
 *
 * @example pliesIn([0.02, 0.03], 0.08) // [{ thickness: 0.06, ply: 0.03 }, { thickness: 0.02, ply: 0.02 }]
 */
export function pliesIn(
  plies: readonly number[],
  room: number,
): { readonly thickness: number; readonly ply: number }[] {
  let best: { readonly counts: readonly number[]; readonly depth: number } = { counts: [], depth: 0 };
  const search = (index: number, counts: readonly number[], depth: number): void => {
    const pieces = sum(counts);
    const bestPieces = sum(best.counts);
    if (
      depth > best.depth + LENGTH_TOLERANCE ||
      (depth > best.depth - LENGTH_TOLERANCE && pieces < bestPieces)
    )
      best = { counts, depth };
    if (index < 0) return;
    const ply = plies[index]!;
    for (let count = Math.floor((room - depth) / ply + LENGTH_TOLERANCE / ply); count >= 0; count -= 1)
      search(index - 1, [...counts, count], depth + count * ply);
  };
  // Of many sheets the thickest few are enough to fill a room well.
  search(Math.min(plies.length, MAX_PLIES) - 1, [], 0);
  const used = Math.min(plies.length, MAX_PLIES);
  return best.counts.flatMap((count, place) => {
    const ply = plies[used - 1 - place]!;
    return count === 0 ? [] : [{ thickness: count * ply, ply }];
  });
}

/** Most thicknesses of sheets that are combined in one room. */
const MAX_PLIES = 3;

/**
 * Lays items one after the other from one end of the room, and takes what they need of it.
 *
 * @param starts where the room of each slot begins, m; moved on
 * @param ends where it ends; moved on where items are laid from the far end
 * @returns in flow order; null where they do not fit
 */
function layFrom(
  end: 'near' | 'far',
  slots: readonly Slot[],
  starts: number[],
  ends: number[],
  items: readonly Item[],
  left: Left,
): Piece[] | null {
  const isNear = end === 'near';
  const pieces: Piece[] = [];
  let index = isNear ? 0 : slots.length - 1;
  for (const { choice, thickness, ply } of isNear ? items : [...items].reverse()) {
    let rest = thickness;
    while (rest > LENGTH_TOLERANCE) {
      const slot = slots[index];
      if (slot === undefined) return null;
      const part = partIn(choice, ply, rest, ends[index]! - starts[index]!);
      if (part <= 0) {
        // What is left of this chamber stays open: nothing may go before what comes ahead of it.
        if (isNear) starts[index] = ends[index]!;
        else ends[index] = starts[index]!;
        index += isNear ? 1 : -1;
        continue;
      }
      const from = isNear ? starts[index]! : ends[index]! - part;
      take(choice, slot, from, part, left);
      if ((left.get(choice.key) ?? 0) < -1e-9) return null;
      const piece = { choice, slot, from, thickness: part, ply };
      if (isNear) {
        pieces.push(piece);
        starts[index] = from + part;
      } else {
        pieces.unshift(piece);
        ends[index] = from;
      }
      rest -= part;
    }
  }
  return pieces;
}

/** How much of an item goes into a room: whole plies, or of what is poured all that fits; 0: none. */
function partIn(choice: Choice, ply: number, rest: number, room: number): number {
  if (choice.plies.length === 0) {
    const whole = Math.min(rest, room);
    // What would be left over for the next chamber is not too thin for hands either.
    const least = leastOf(choice);
    const part = rest - whole > LENGTH_TOLERANCE && rest - whole < least ? rest - least : whole;
    return part < least - LENGTH_TOLERANCE ? 0 : part;
  }
  const plies = Math.min(Math.round(rest / ply), Math.floor(room / ply + LENGTH_TOLERANCE / ply));
  return plies * ply;
}

/** The pieces of a chamber one on the other without a gap; those of one medium and sheet are one. */
function stacked(pieces: readonly Piece[]): Piece[] {
  const all: Piece[] = [];
  for (const piece of pieces) {
    const before = all.at(-1);
    if (before === undefined || before.slot !== piece.slot) {
      all.push({ ...piece, from: piece.slot.from });
      continue;
    }
    if (before.choice === piece.choice && before.ply === piece.ply)
      all[all.length - 1] = { ...before, thickness: before.thickness + piece.thickness };
    else all.push({ ...piece, from: before.from + before.thickness });
  }
  return all;
}
