import { bottomSpace, isSettlementPlace } from '../filter/settlementPlace';
import { volumeBetween } from '../filter/chamberGeometry';
import type { Filter } from '../filter/filter';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';
import { solidsFactor } from '../layers/solidsFactor';
import { gradeRank } from '../media/gradeRank';
import { GRADES } from '../media/grades';
import { hasRole } from '../media/hasRole';
import { LENGTH_TOLERANCE } from '../practice/handTolerances';
import { leastThickness } from '../practice/leastThickness';
import type { Medium } from '../media/medium';
import { choiceOf, choicesOf, type Choice } from './choices';
import { packFromChoices, pieceVolume, pliesIn, type Item, type Piece } from './packFromChoices';
import type { ProposeInput } from './proposeInput';
import { isOpen, freeDepthByChamber, type FreeSpace, type Slot } from './freeDepthByChamber';
import { sumOf } from '../maths/sum';

/** One pack of a space by the place of its option in every gene. */
export type Genome = readonly number[];

/** All packs that are tried for a filter: every way to choose one option of each gene. */
export interface PackSpace {
  readonly room: FreeSpace;
  /** How many options each gene has. */
  readonly sizes: readonly number[];
  /** How many packs there are, those that turn out not to fit among them. */
  readonly count: number;
  /** The pieces of one of them in flow order; null where they do not fit, or keepers would not pack it. */
  readonly decode: (genome: Genome) => Piece[] | null;
}

/** Most thickness of a grade that is tried, m (common practice, no source). */
const MAX_THICKNESS = { coarse: 0.09, medium: 0.06, fine: 0.045, polishing: 0.04 } as const;
/** Depths of settlement that are tried, m (common practice, no source). */
const SETTLEMENT = [0.03, 0.045] as const;
/** Poured pads that are tried, m (common practice, no source). */
const POURED_PAD = [0.01, 0.02, 0.03] as const;
/** A chamber for foam alone is filled at least so far, share of its depth. */
const MIN_FILLED_SHARE = 0.6;
/** Share of what must stay that may get lost in rounding to whole millimetres. */
const ROUNDING_LOSS = 0.03;

/** What takes the room that is left. */
interface Fill {
  readonly choices: readonly Choice[];
  /** Rank of the foam that does both jobs; null: biological media. */
  readonly rank: number | null;
}

/** Ahead of the trays: foam in each lead chamber. */
type Lead = readonly Piece[];

/**
 * Lays out all packs that make sense for a filter: the order of stages and grades that the trade keeps, media that are
 * at hand, thicknesses of whole sheets, and what the keeper chose where keepers disagree.
 *
 * @source order of the layers: common practice, no source.
 */
export function packSpace(input: ProposeInput): PackSpace {
  const { filter, mine, today, around } = input;
  const { schools } = around;
  const choices = choicesOf(input);
  const pinned = new Set([...input.pinned, ...alwaysPinned(input)]);
  const room = freeDepthByChamber(filter, mine, pinned, schools.fullness);
  const open = room.main.filter(isOpen);
  const deepest = sumOf(open, ({ depth }) => depth);
  const stays = today.filter(({ id }) => input.stay.includes(id) && !pinned.has(id));
  const staying = stayingOf(input, stays, choices);
  const none: readonly (Item | null)[] = [null];
  const grade = (rank: number): Choice[] =>
    choices.filter(({ medium }) => medium.family === 'foam' && gradeRank(medium) === rank);
  const floss = choices.filter(({ medium }) => medium.family === 'floss');
  const items = (some: readonly Choice[], most: number): Item[] =>
    some.flatMap((choice) => itemsOf(choice, Math.min(most, deepest)));
  const fine = items(grade(FINE_GRADE), MAX_THICKNESS.fine);
  const pads = [...items(floss, MAX_THICKNESS.polishing), ...fine];
  const settles = open[0] !== undefined && isSettlementPlace(filter, open[0].chamber);
  const rings = choices.filter(({ medium }) => hasRole(medium, 'settle'));
  const leads = room.lead.map((slot) =>
    slot.chamber === bottomSpace(filter) ? settlementIn(slot, rings) : leadsOf(slot, choices),
  );
  const genes = {
    settle: settles
      ? [
          ...none,
          ...rings.flatMap((choice) =>
            SETTLEMENT.filter((thickness) => thickness >= leastThickness(choice.medium)).map((thickness) => ({
              choice,
              thickness,
              ply: 0,
            })),
          ),
        ]
      : none,
    flossFirst:
      schools.flossFirst === 'by choice' ? [...none, ...items(floss, MAX_THICKNESS.polishing)] : none,
    coarse: [...none, ...items(grade(COARSE_GRADE), MAX_THICKNESS.coarse)],
    medium: [...none, ...items(grade(MEDIUM), MAX_THICKNESS.medium)],
    fine: [...none, ...(schools.finePad === 'after' ? [] : fine)],
    before: [...none, ...(schools.finePad === 'after' ? [] : items(floss, MAX_THICKNESS.polishing))],
    after: [...none, ...(schools.finePad === 'before' ? [] : pads)],
    fill: fillsOf(input, choices, staying, open),
  };
  const sizes = [...leads.map(({ length }) => length), ...Object.values(genes).map(({ length }) => length)];
  const keptRanks = room.lead.flatMap(({ before }) =>
    before.flatMap((layer) => gradeRank(mediumOf(layer)) ?? []),
  );
  const stock = new Map(
    choices.filter(({ plies }) => plies.length === 0).map(({ key, volume }) => [key, volume]),
  );
  return {
    room,
    sizes,
    count: sizes.reduce((product, size) => product * size, 1),
    decode: (genome) => {
      const lead = leads.map((options, index) => options[genome[index]!]!);
      const [settle, flossFirst, coarse, medium, fine, before, after, fill] = [
        genes.settle[genome[leads.length]!]!,
        genes.flossFirst[genome[leads.length + 1]!]!,
        genes.coarse[genome[leads.length + 2]!]!,
        genes.medium[genome[leads.length + 3]!]!,
        genes.fine[genome[leads.length + 4]!]!,
        genes.before[genome[leads.length + 5]!]!,
        genes.after[genome[leads.length + 6]!]!,
        genes.fill[genome[leads.length + 7]!]!,
      ] as const;
      const graded = [...staying.graded, coarse, medium, fine, before].filter((item) => item !== null);
      graded.sort((a, b) => rankOf(a) - rankOf(b));
      const leading = lead.flat();
      const ranks = [...keptRanks, ...leading.flatMap(({ choice }) => gradeRank(choice.medium) ?? [])];
      if (settle !== null && leading.some(({ ply }) => ply === 0)) return null;
      // Foam around the trays and in a column is met first: what follows is no coarser.
      const coarsest = Math.max(-1, ...(filter.kind === 'canister-prefilter' ? [] : ranks));
      if (graded.some((item) => rankOf(item) < coarsest)) return null;
      const hasFoam = graded.some(({ choice }) => choice.medium.family === 'foam') || fill.rank !== null;
      // A pad ahead of the foam stands in for the one behind it.
      if (flossFirst !== null && (!hasFoam || before !== null || ranks.length > 0)) return null;
      const finest = Math.max(coarsest, ...graded.map(rankOf));
      if (after !== null && rankOf(after) < finest) return null;
      if (graded.length === 0 && flossFirst === null && fill.rank === null && ranks.length === 0) return null;
      if (fill.rank !== null && fill.rank < coarsest) return null;
      // Foam alone needs no pad behind what it is itself; two grades of it stand in their order.
      const late = fill.rank === null ? [] : graded.filter((item) => rankOf(item) > fill.rank!);
      const behind = fill.rank === null ? [] : stayingItems(staying, open);
      if (fill.rank !== null && behind.length === 0 && after !== null) return null;
      if (after !== null && schools.finePad === 'both' && fine === null && before === null) return null;
      const left = new Map(stock);
      for (const piece of leading)
        if (piece.ply === 0) left.set(piece.choice.key, left.get(piece.choice.key)! - pieceVolume(piece));
      if ([...left.values()].some((volume) => volume < -1e-9)) return null;
      const pieces = packFromChoices(
        open,
        {
          ahead: [settle, flossFirst, ...graded.filter((item) => !late.includes(item))].filter(
            (item) => item !== null,
          ),
          fill: fill.choices,
          behind: [...late, ...behind, after].filter((item) => item !== null),
        },
        left,
      );
      if (pieces === null) return null;
      const all = [...leading, ...pieces];
      if (holdsWithFoam(input) && all.every(({ choice }) => choice.medium.family !== 'foam')) return null;
      return holdsAll(staying, all) ? all : null;
    },
  };
}

const COARSE_GRADE = GRADES.indexOf('coarse');
const MEDIUM = GRADES.indexOf('medium');
const FINE_GRADE = GRADES.indexOf('fine');
const rankOf = ({ choice }: Item): number => gradeRank(choice.medium) ?? 0;

/** Layers that no search moves: the sponge on the intake, and chemical media. */
export function alwaysPinned({ mine, filter, around: { schools } }: ProposeInput): string[] {
  const intake = new Set(filter.chambers.filter(({ where }) => where === 'intake').map(({ id }) => id));
  return mine
    .filter((layer) => {
      const medium = mediumOf(layer);
      if (intake.has(layer.chamber)) return true;
      return isChemical(medium) && isWanted(medium, schools);
    })
    .map(({ id }) => id);
}

const isChemical = (medium: Medium): boolean =>
  medium.roles.length > 0 && medium.roles.every((role) => role === 'chemical');

/** A chemical stage that is in the plan stays, unless the keeper holds with none. */
const isWanted = ({ family }: Medium, { chemical, zeolite }: Schools): boolean =>
  family === 'zeolite' ? zeolite === 'porous home' : chemical !== 'none' && chemical !== 'start only';

/** Sheets of a choice by whole plies, what is poured by a few depths. */
function itemsOf(choice: Choice, most: number): Item[] {
  if (choice.plies.length === 0)
    return POURED_PAD.filter(
      (thickness) => thickness <= most && thickness >= leastThickness(choice.medium),
    ).map((thickness) => ({
      choice,
      thickness,
      ply: 0,
    }));
  const all = choice.plies.flatMap((ply) =>
    Array.from({ length: Math.max(0, Math.floor(most / ply + 1e-6)) }, (_, index) => ({
      choice,
      thickness: (index + 1) * ply,
      ply,
    })),
  );
  // The same thickness from two sheets is one option: that of fewer plies.
  return all.filter(
    (item, index) =>
      !all.some(
        (other, place) =>
          Math.abs(other.thickness - item.thickness) < 1e-4 &&
          (other.ply > item.ply || (other.ply === item.ply && place < index)),
      ),
  );
}

/** Ways to fill a chamber for foam: one grade all through, or a coarser one before a finer one. */
function leadsOf(slot: Slot, choices: readonly Choice[]): Lead[] {
  if (!isOpen(slot)) return [[]];
  const foams = choices.filter(({ medium }) => medium.family === 'foam');
  const filled = (some: readonly { readonly choice: Choice; readonly depth: number }[]): Lead | null => {
    const pieces: Piece[] = [];
    let from = slot.from;
    for (const { choice, depth } of some)
      for (const { thickness, ply } of pliesIn(choice.plies, depth)) {
        pieces.push({ choice, slot, from, thickness, ply });
        from += thickness;
      }
    return from - slot.from >= MIN_FILLED_SHARE * slot.depth ? pieces : null;
  };
  const one = foams.map((choice) => filled([{ choice, depth: slot.depth }]));
  const two = foams.flatMap((choice, index) =>
    foams.slice(index + 1).map((finer) =>
      filled([
        { choice, depth: slot.depth / 2 },
        { choice: finer, depth: slot.depth / 2 },
      ]),
    ),
  );
  const all = [...one, ...two].filter((lead) => lead !== null);
  return all.length === 0 ? [[]] : all;
}

/** The space under the trays: open for settlement, or filled with what settles. */
const settlementIn = (slot: Slot, rings: readonly Choice[]): Lead[] =>
  isOpen(slot)
    ? [
        [],
        ...rings
          .filter(({ medium }) => slot.depth >= leastThickness(medium))
          .map((choice) => [{ choice, slot, from: slot.from, thickness: slot.depth, ply: 0 }]),
      ]
    : [[]];

/** Media that stay: foam as pieces of their thickness, biological media by their volume. */
interface Staying {
  readonly graded: readonly Item[];
  readonly poured: ReadonlyMap<Choice, number>;
}

function stayingOf({ filter }: ProposeInput, stays: readonly Layer[], choices: readonly Choice[]): Staying {
  const graded: Item[] = [];
  const poured = new Map<Choice, number>();
  for (const { layer, medium, measure } of placeLayers(filter, stays)) {
    const choice = choiceOf(choices, layer);
    if (choice === undefined) continue;
    if (medium.supply === 'sheet') {
      const free = layer.thickness / layer.compressionRatio;
      graded.push({ choice, thickness: free, ply: free });
    } else poured.set(choice, (poured.get(choice) ?? 0) + measure.volume * solidsFactor(medium, layer));
  }
  return { graded, poured };
}

/** True where all that stays is in the pack. */
const holdsAll = ({ poured }: Staying, pieces: readonly Piece[]): boolean =>
  [...poured].every(([choice, volume]) => {
    const held = sumOf(
      pieces.filter((piece) => piece.choice === choice),
      (piece) => pieceVolume(piece),
    );
    return held >= (1 - ROUNDING_LOSS) * volume;
  });

/** True where foam is the biological media: by the keeper’s school, and in a sponge filter by theirs of that. */
const holdsWithFoam = ({
  filter,
  around: { schools },
}: {
  readonly filter: Filter;
  readonly around: { readonly schools: Schools };
}): boolean =>
  filter.kind === 'internal-sponge' ? schools.internalFoam === 'foam' : schools.biologicalMedium === 'foam';

/**
 * What may take the room that is left: biological media by the keeper’s school, one or two of them. Foam for both jobs is
 * for those who hold with it, and where nothing else can be had or lie there.
 */
function fillsOf(
  { filter, around: { schools } }: Pick<ProposeInput, 'filter' | 'around'>,
  choices: readonly Choice[],
  { poured }: Staying,
  slots: readonly Slot[],
): Fill[] {
  const base = [...poured.keys()];
  const deepest = Math.max(0, ...slots.map(({ depth }) => depth));
  const biological = choices.filter(
    ({ medium }) => hasRole(medium, 'biological') && !hasRole(medium, 'mechanical'),
  );
  const strong = biological
    .filter(({ medium }) => schools.rings === 'enough' || !hasRole(medium, 'settle'))
    .filter(({ medium }) => leastThickness(medium) <= deepest + LENGTH_TOLERANCE);
  const bySchool = strong.filter(({ medium }) => isOfSchool(medium, schools.biologicalMedium));
  const isFoamAlone = holdsWithFoam({ filter, around: { schools } });
  // Where nothing of the keeper’s school is at hand, what is there is better than nothing.
  const allowed = isFoamAlone ? [] : bySchool.length > 0 ? bySchool : strong;
  const others = allowed.filter((choice) => !base.includes(choice));
  const sequences = [
    ...(base.length > 0 ? [base] : []),
    ...others.flatMap((first) => [
      [...base, first],
      ...others.filter((second) => second !== first).map((second) => [...base, first, second]),
    ]),
  ];
  const isFoamFor = isFoamAlone || schools.biologicalMedium === 'as it came' || allowed.length === 0;
  const foams = choices
    .filter(({ medium }) => isFoamFor && medium.family === 'foam')
    .map((choice): Fill => ({ choices: [choice], rank: gradeRank(choice.medium) }));
  const fills = [...sequences.map((some): Fill => ({ choices: some, rank: null })), ...foams];
  return fills.length > 0 ? fills : [{ choices: [], rank: null }];
}

function isOfSchool({ family }: Medium, school: Schools['biologicalMedium']): boolean {
  if (school === 'porous mineral') return family === 'porous mineral';
  if (school === 'scrubbers') return family === 'plastic';
  return true;
}

/** What stays as layers behind the foam that takes all other room, as thick as it is in the last chamber. */
const stayingItems = ({ poured }: Staying, slots: readonly Slot[]): Item[] => {
  const last = slots.at(-1);
  if (last === undefined) return [];
  const perDepth = volumeBetween(last.chamber.shape, last.from, last.from + last.depth) / last.depth;
  return [...poured].map(([choice, volume]) => ({ choice, thickness: volume / perDepth, ply: 0 }));
};
