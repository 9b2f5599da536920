import { SHEET_TOLERANCE } from '../practice/handTolerances';
import type { Layer } from '../layers/layer';
import { madeOnlyOf } from '../layers/madeOnlyOf';
import type { MadeOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';
import { solidsFactor } from '../layers/solidsFactor';
import { CATALOGUE, findMedium } from '../media/catalogue';
import { hasRole } from '../media/hasRole';
import type { Medium } from '../media/medium';
import type { ShelfItem } from '../shelf/shelf';
import type { ProposeInput } from './proposeInput';

/** A medium that may go into a pack, and how much of it there is. */
export interface Choice {
  readonly key: string;
  readonly made: MadeOf;
  readonly medium: Medium;
  /** Thicknesses of its sheets, m, thinnest first; empty for what is poured. */
  readonly plies: readonly number[];
  /** Poured, m³: what is on hand or in the filter; Infinity where more can be had. Of sheets always Infinity. */
  readonly volume: number;
}

/** Sheets of any generic foam or pad, m (common practice, no source). */
const USUAL_PLIES = { foam: [0.02, 0.03], floss: [0.01, 0.02] } as const;

/** True for a piece that may go back: whole, sound and not condemned. */
export const isUsable = ({ signs, treatment, holder }: Layer): boolean =>
  signs.length === 0 &&
  treatment !== 'throw away' &&
  treatment !== 'replace in stages' &&
  holder !== 'wrapper';

const keyOf = ({ medium, own, mix }: MadeOf, layerId: string): string =>
  mix === null ? `${own === null ? '' : 'own '}${medium}` : `mix ${layerId}`;

/** The choice that a layer is made of. */
export const choiceKey = (layer: Layer): string => keyOf(layer, layer.id);

/** Jobs that a pack is built from: what has none of them, or only a chemical one, is not proposed. */
const isBuiltFrom = (medium: Medium): boolean =>
  medium.supply !== 'piece' &&
  (['settle', 'mechanical', 'biological'] as const).some((role) => hasRole(medium, role)) &&
  medium.family !== 'carbon' &&
  medium.family !== 'zeolite' &&
  medium.family !== 'resin';

/**
 * The media that may go into a pack: those of the filter as it is, and from the shelf, the shop or the catalogue as
 * far as the keeper allows. In the order of the catalogue, the keeper’s own after it.
 */
export function choicesOf(input: ProposeInput): Choice[] {
  const found = new Map<string, { made: MadeOf; medium: Medium; plies: number[]; volume: number }>();
  const add = (key: string, made: MadeOf, medium: Medium) => {
    const known = found.get(key) ?? { made, medium, plies: [], volume: 0 };
    found.set(key, known);
    return known;
  };
  for (const { layer, medium, measure } of placeLayers(input.filter, input.today)) {
    // A piece cut short would let the water past: it is not used again.
    if (!isUsable(layer) || !isBuiltFrom(medium) || (medium.supply === 'sheet' && layer.cut !== null))
      continue;
    const choice = add(choiceKey(layer), { medium: layer.medium, own: layer.own, mix: layer.mix }, medium);
    if (medium.supply === 'sheet') choice.plies.push(layer.thickness / layer.compressionRatio);
    else choice.volume += measure.volume * solidsFactor(medium, layer);
  }
  for (const item of input.shelf.items) {
    if (item.kind !== 'sheet' && item.kind !== 'loose') continue;
    const medium = findMedium(item.medium);
    if (medium === undefined || !isBuiltFrom(medium) || !isThere(item, input)) continue;
    const choice = add(medium.id, madeOnlyOf(medium.id), medium);
    if (item.kind === 'sheet') choice.plies.push(item.thickness);
    else choice.volume += canBeBought(item, input) ? Infinity : item.volume;
  }
  if (input.from === 'any' && input.budget === null)
    for (const medium of CATALOGUE.filter(isBuiltFrom)) {
      const choice = add(medium.id, madeOnlyOf(medium.id), medium);
      if (medium.supply === 'loose') choice.volume = Infinity;
      else choice.plies.push(...(medium.family === 'foam' ? USUAL_PLIES.foam : USUAL_PLIES.floss));
    }
  const order = (medium: Medium): number => {
    const index = CATALOGUE.findIndex(({ id }) => id === medium.id);
    return index === -1 ? CATALOGUE.length : index;
  };
  return [...found]
    .map(([key, { made, medium, plies, volume }]): Choice => ({
      key,
      made,
      medium,
      plies: apart(plies),
      volume: medium.supply === 'sheet' ? Infinity : volume,
    }))
    .sort((a, b) => order(a.medium) - order(b.medium));
}

/** True for something on the shelf that may be used: it is on hand, or may be bought. */
const isThere = (item: Extract<ShelfItem, { kind: 'sheet' | 'loose' }>, input: ProposeInput): boolean =>
  canBeBought(item, input) || (item.kind === 'sheet' ? item.count > 0 : item.volume > 0);

/** What has no price cannot be held to a budget. */
const canBeBought = (
  item: Extract<ShelfItem, { kind: 'sheet' | 'loose' }>,
  { from, budget }: Pick<ProposeInput, 'from' | 'budget'>,
): boolean =>
  from !== 'hand' &&
  (budget === null || (item.price !== null && item.price <= budget)) &&
  (item.kind === 'loose' ? item.packVolume !== null : !item.offcut);

/** Thinnest first, each once. */
const apart = (plies: readonly number[]): number[] =>
  [...plies]
    .sort((a, b) => a - b)
    .filter((ply, index, all) => index === 0 || ply - all[index - 1]! > SHEET_TOLERANCE);

/** The choice of a layer that stays, to be found among those that may be used. */
export const choiceOf = (choices: readonly Choice[], layer: Layer): Choice | undefined =>
  choices.find(({ key }) => key === choiceKey(layer));
