import { volumeBetween } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import { bottomSpace } from '../filter/settlementPlace';
import type { Schools } from '../findings/schools';
import { mediumOf } from '../layers/mediumOf';
import { sumOf } from '../maths/sum';
import { gradeRank } from '../media/gradeRank';
import { LENGTH_TOLERANCE } from '../practice/handTolerances';
import { leastThickness } from '../practice/leastThickness';
import { SMALL_BASKET } from '../practice/smallBasket';
import type { Choice } from './choices';
import { isOpen, type FreeSpace, type Slot } from './freeDepthByChamber';
import type { Piece } from './packFromChoices';
import { gradedSheets, sheetsFilling, SOLD_SHEETS } from './usualSheets';

/*
 * How keepers lay a pack: order and thicknesses of the layers are common practice, no source.
 */

/** What the packs of one filter are laid with. */
export interface UsualBody {
  readonly filter: Filter;
  readonly schools: Schools;
  readonly room: FreeSpace;
  readonly carbon: boolean;
  readonly pick: (job: keyof typeof USUAL_MEDIA | readonly string[]) => Choice;
}

/** Media for each job in the order in which they are taken where the keeper has none of them. */
export const USUAL_MEDIA = {
  coarse: ['foam-15', 'foam-20', 'foam-10'],
  medium: ['foam-30', 'foam-bumped'],
  fine: ['foam-45'],
  floss: ['floss-bonded'],
  mineral: ['porous-ceramic', 'sintered-glass', 'pumice', 'lava'],
  plastic: ['scrubbers'],
  thin: ['scrubbers', 'granules'],
  rings: ['rings-dense'],
  carbon: ['carbon'],
} as const;

/** Foam that does everything, by school. */
const FOAM_ALONE: Readonly<Record<Schools['foamGrade'], readonly string[]>> = {
  'very coarse': ['foam-10', 'foam-15'],
  '30 ppi': ['foam-30'],
  dense: ['foam-45'],
};

/** How much of the chambers mechanical media takes at best (common practice, no source). */
const MECHANICAL_SHARE = 0.3;
/** Thickness of all grades together at most, m: each does its work by then (common practice, no source). */
const MAX_MECHANICAL = 0.1;
/** Foam before the biological media in a small body, m (common practice, no source). */
const SMALL_BODY_FOAM = 0.03;
/** A single chamber deeper than this takes the thicker sheet of floss, m (common practice, no source). */
const DEEP_BASKET = 0.11;
/** A chamber is shared between two grades of foam from this depth on, m (common practice, no source). */
const MIN_SHARED = 0.04;
/** Chambers shallower than this take one medium each, m (common practice, no source). */
const ONE_MEDIUM_DEPTH = 0.042;
/** A bag of carbon that covers its chamber, m (common practice, no source). */
const CARBON_DEPTH = 0.02;
/** What must be left of the chamber that it shares, m (common practice, no source). */
const LEAST_BESIDE_CARBON = 0.036;
/** Thicknesses of a sheet that a grade is used in, m (common practice, no source). */
const GRADE_THICKNESS = {
  coarse: { least: 0.02, most: 0.05 },
  medium: { least: 0.02, most: 0.05 },
  fine: { least: 0.02, most: 0.03 },
  polishing: { least: 0.01, most: 0.02 },
} as const;

/** Fills a part of a slot with one medium: whole sheets, or poured to its end. */
function filled(slot: Slot, choice: Choice, from: number, depth: number): Piece[] {
  if (choice.plies.length === 0) return [{ choice, slot, from, thickness: depth, ply: 0 }];
  const sheets = sheetsFilling(depth, choice.plies);
  return sheets === null ? [] : [{ choice, slot, from, ...sheets }];
}
const whole = (slot: Slot, choice: Choice): Piece[] => filled(slot, choice, slot.from, slot.depth);
const endOf = (pieces: readonly Piece[], slot: Slot): number =>
  Math.max(
    slot.from,
    ...pieces.filter((piece) => piece.slot === slot).map(({ from, thickness }) => from + thickness),
  );
const volumeOf = ({ chamber, from, depth }: Slot): number =>
  volumeBetween(chamber.shape, from, from + Math.max(0, depth));

/** The biological media of a room this deep: of the keeper’s school, or one that can lie as thin as that; null: none can. */
function biologicalIn({ pick, schools }: UsualBody, depth: number): Choice | null {
  const bySchool = schools.biologicalMedium === 'scrubbers' ? USUAL_MEDIA.plastic : USUAL_MEDIA.mineral;
  return (
    [pick(bySchool), ...USUAL_MEDIA.thin.map((id) => pick([id]))].find(
      ({ medium }) => leastThickness(medium) <= depth + 1e-9,
    ) ?? null
  );
}

/** Foam ahead of the trays: around them, beside them, or in a prefilter; the space under them is left for settlement. */
function leading({ filter, room, pick }: UsualBody): { readonly pieces: Piece[]; readonly grades: number } {
  let grades = 0;
  const pieces = room.lead.flatMap((slot) => {
    // What the filter has of its own there stays, and does its part.
    const own = slot.before.flatMap((layer) => gradeRank(mediumOf(layer)) ?? []);
    if (own.length > 0 && filter.kind !== 'canister-prefilter') grades = Math.max(grades, own.at(-1)! + 1);
    if (own.length > 0 || !isOpen(slot)) return [];
    if (slot.chamber === bottomSpace(filter)) {
      const rings = pick('rings');
      return slot.depth >= leastThickness(rings.medium) ? whole(slot, rings) : [];
    }
    if (filter.kind !== 'canister-side-riser') {
      grades = Math.max(grades, filter.kind === 'canister-prefilter' ? 0 : 1);
      return whole(slot, pick('coarse'));
    }
    grades = 2;
    const coarse = filled(slot, pick('coarse'), slot.from, slot.depth / 2);
    const from = endOf(coarse, slot);
    return [...coarse, ...filled(slot, pick('medium'), from, slot.from + slot.depth - from)];
  });
  return { pieces, grades };
}

/** Coarse to fine, then biological media in all the rest. */
export function layGraded(body: UsualBody, finest: 'floss' | 'fine'): Piece[] | null {
  const { filter, room, schools, pick } = body;
  const main = room.main.filter(isOpen);
  const [first] = main;
  if (first === undefined) return null;
  if (filter.kind === 'internal-sponge') return finest === 'fine' ? twoGrades(body, first) : null;
  const lead = leading(body);
  const isSmall = sumOf([...room.lead, ...main], volumeOf) < SMALL_BASKET;
  const grades = (['coarse', 'medium'] as const).slice(lead.grades).slice(0, isSmall ? 1 : 2);
  const isAfter = schools.finePad !== 'before';
  if (main.length > 1 && first.depth < ONE_MEDIUM_DEPTH)
    return [...lead.pieces, ...oneEach(body, main, finest)];
  if (main.length === 1 && isSmall) {
    const layers = twoLayers(body, first, finest);
    return layers.length === 0 ? null : [...lead.pieces, ...layers];
  }

  const before = [...grades, ...(schools.finePad === 'after' ? [] : [finest])].map((job) => pick(job));
  const last = main.at(-1)!;
  const pad = isAfter ? pick(finest) : null;
  const padSheet = pad === null ? 0 : finest === 'floss' ? SOLD_SHEETS.floss[0] : SOLD_SHEETS.foam[1];
  const chemical = body.carbon ? chemicalSlot(schools, main, padSheet) : null;
  const ends = (slot: Slot): number =>
    slot.from + slot.depth - (slot === last ? padSheet : 0) - (slot === chemical ? CARBON_DEPTH : 0);
  const stack = stackIn(
    body,
    first,
    ends(first) - first.from,
    sumOf(main, ({ depth }) => depth),
    before,
  );
  if (stack === null) return null;
  const pieces: Piece[] = [...lead.pieces, ...stack];
  for (const slot of main) {
    const from = endOf(stack, slot);
    const biological = biologicalIn(body, ends(slot) - from);
    if (biological !== null && ends(slot) - from >= leastThickness(biological.medium))
      pieces.push(...filled(slot, biological, from, ends(slot) - from));
  }
  if (pieces.every(({ choice }) => choice.medium.roles.includes('mechanical'))) return null;
  if (pad !== null)
    pieces.push({ choice: pad, slot: last, from: endOf(pieces, last), thickness: padSheet, ply: padSheet });
  if (chemical !== null)
    pieces.push(...filled(chemical, pick('carbon'), endOf(pieces, chemical), CARBON_DEPTH));
  return pieces;
}

/**
 * Where chemical media goes: in the chamber that hands reach first, and of those the last in flow, so that it is changed
 * without lifting the biological media; null: the keeper holds with none, or the chamber is too shallow to share.
 */
function chemicalSlot({ chemical }: Schools, main: readonly Slot[], taken: number): Slot | null {
  if (chemical === 'none' || chemical === 'start only') return null;
  const lifts = ({ chamber }: Slot): number => chamber.lift.length;
  const slot = main.reduce((best, next) => (lifts(next) <= lifts(best) ? next : best));
  return slot.depth - taken - CARBON_DEPTH >= LEAST_BESIDE_CARBON ? slot : null;
}

/** The grades in the first chamber, as many of them as fit in sheets as they are sold; null: not even one. */
function stackIn(
  body: UsualBody,
  slot: Slot,
  depth: number,
  all: number,
  grades: readonly Choice[],
): Piece[] | null {
  const aim = Math.min(MAX_MECHANICAL, MECHANICAL_SHARE * all);
  const least = leastThickness((biologicalIn(body, depth) ?? body.pick('mineral')).medium);
  // Of three grades the one in the middle is missed least.
  for (const some of [
    grades,
    grades.filter((_, index) => index !== 1 || grades.length < 3),
    grades.slice(-1),
  ]) {
    const stack = gradedSheets(depth, aim, least, some.map(gradeSheets));
    if (stack === null) {
      // One grade alone takes the whole chamber.
      const [only] = some;
      const pieces = some.length === 1 && only !== undefined ? filled(slot, only, slot.from, depth) : [];
      if (pieces.length > 0) return pieces;
      continue;
    }
    let { from } = slot;
    return some.map((choice, index) => {
      const piece = { choice, slot, from, thickness: stack[index]!, ply: stack[index]! };
      from += piece.thickness;
      return piece;
    });
  }
  return null;
}

/** The sheets of a medium that its grade is used in. */
function gradeSheets({ plies, medium: { grade } }: Choice): number[] {
  const { least, most } = GRADE_THICKNESS[grade ?? 'medium'];
  return plies.filter((ply) => ply >= least - LENGTH_TOLERANCE && ply <= most + LENGTH_TOLERANCE);
}

/** In a small body with one chamber two layers are enough. */
function twoLayers(body: UsualBody, slot: Slot, finest: 'floss' | 'fine'): Piece[] {
  const coarse = body.pick('coarse');
  if (finest === 'floss') {
    const sheet = SOLD_SHEETS.floss[slot.depth > DEEP_BASKET ? 1 : 0];
    const foam = filled(slot, coarse, slot.from, slot.depth - sheet);
    if (foam.length === 0) return [];
    return [
      ...foam,
      { choice: body.pick('floss'), slot, from: endOf(foam, slot), thickness: sheet, ply: sheet },
    ];
  }
  const biological = biologicalIn(body, slot.depth - SMALL_BODY_FOAM);
  if (biological === null) return whole(slot, coarse);
  const foam = { choice: coarse, slot, from: slot.from, thickness: SMALL_BODY_FOAM, ply: SMALL_BODY_FOAM };
  return [foam, ...filled(slot, biological, slot.from + SMALL_BODY_FOAM, slot.depth - SMALL_BODY_FOAM)];
}

/** Shallow slots take one medium each: coarse, finer, and biological media in the last. */
function oneEach(body: UsualBody, main: readonly Slot[], finest: 'floss' | 'fine'): Piece[] {
  return main.flatMap((slot, index) => {
    if (index === 0) return whole(slot, body.pick('coarse'));
    const biological = biologicalIn(body, slot.depth);
    if (index > 1 && biological !== null) return whole(slot, biological);
    return whole(slot, body.pick(finest === 'floss' ? 'floss' : 'medium'));
  });
}

/** A sponge of two grades: coarse outside, where the water comes in. */
function twoGrades({ pick }: UsualBody, slot: Slot): Piece[] | null {
  const [sheet] = SOLD_SHEETS.foam;
  if (slot.depth < 2 * sheet - LENGTH_TOLERANCE) return null;
  const coarse = { choice: pick('coarse'), slot, from: slot.from, thickness: sheet, ply: sheet };
  return [coarse, ...filled(slot, pick('medium'), slot.from + sheet, slot.depth - sheet)];
}

/** Foam in every chamber: coarse where the water comes in, then the grade of the keeper’s school. */
export function layFoamAlone(body: UsualBody): Piece[] | null {
  const { room, pick, schools } = body;
  const main = room.main.filter(isOpen);
  const rest = pick(FOAM_ALONE[schools.foamGrade]);
  const lead = leading(body);
  const coarse = schools.foamGrade === 'very coarse' ? rest : pick('coarse');
  const isCoarseFirst = lead.grades === 0;
  const pieces = main.flatMap((slot, index) => {
    if (!isCoarseFirst || index > 0) return whole(slot, rest);
    if (main.length > 1) return whole(slot, coarse);
    if (slot.depth < MIN_SHARED || coarse === rest) return whole(slot, rest);
    const first = filled(slot, coarse, slot.from, slot.depth / 2);
    const from = endOf(first, slot);
    return [...first, ...filled(slot, rest, from, slot.from + slot.depth - from)];
  });
  return pieces.length === 0 ? null : [...lead.pieces, ...pieces];
}

/** Biological media in the room behind the cartridge. */
export function layBehindCartridge(body: UsualBody): Piece[] | null {
  const { room } = body;
  const at = room.main.findIndex(({ before, after }) =>
    [...before, ...after].some((layer) => mediumOf(layer).family === 'cartridge'),
  );
  const pieces = room.main.slice(Math.max(0, at)).flatMap((slot) => {
    const biological = isOpen(slot) ? biologicalIn(body, slot.depth) : null;
    return biological === null ? [] : whole(slot, biological);
  });
  return at === -1 || pieces.length === 0 ? null : pieces;
}
