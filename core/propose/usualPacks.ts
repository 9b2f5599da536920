import { addIntakeSponge } from '../filter/addIntakeSponge';
import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { madeOnlyOf } from '../layers/madeOnlyOf';
import { mediumOf } from '../layers/mediumOf';
import { plainLayer } from '../layers/plainLayer';
import { mediumById } from '../media/catalogue';
import type { Animal } from '../tank/tank';
import { isUsable } from './choices';
import { freeDepthByChamber } from './freeDepthByChamber';
import { layBehindCartridge, layFoamAlone, layGraded, USUAL_MEDIA, type UsualBody } from './layUsualPack';
import { packOf } from './packOf';
import { SOLD_SHEETS } from './usualSheets';

/** The packs that keepers usually build. */
export type UsualPackKind = 'with floss' | 'foam only' | 'foam alone' | 'as it came';

/** A pack as keepers usually build it in a filter like this. */
export interface UsualPack {
  readonly kind: UsualPackKind;
  /** The filter with a place for a sponge on its intake where the pack has one; else as it was. */
  readonly filter: Filter;
  readonly layers: readonly Layer[];
}

/** What a usual pack is made for. */
export interface UsualInput {
  readonly filter: Filter;
  readonly schools: Schools;
  readonly animals: readonly Animal[];
  /** Plants float on the water: their leaves lie on a bare strainer. */
  readonly floatingPlants: boolean;
  /** The plan as it is: its sponge on the intake stays, and its cartridges in the pack that keeps them. */
  readonly mine: readonly Layer[];
  /** What is in the filter until now: used again wherever it fits. */
  readonly today: readonly Layer[];
  /** Ids of layers of both that stay where they are. Cartridges among them stay in the pack that keeps cartridges. */
  readonly pinned: readonly string[];
  /** A place for carbon, where the keeper’s school has chemical media. */
  readonly carbon: boolean;
  /** Ids of media on the keeper’s shelf: taken rather than others of the same kind, as those in the filter are. */
  readonly onHand: readonly string[];
}

/** Thickness of a cartridge, m (common practice, no source). */
const CARTRIDGE_THICKNESS = 0.02;
const CARTRIDGE = 'cartridge';
/** Sheet of the sponge on an intake. */
const SLEEVE = 'foam-20';

/**
 * The packs that keepers usually build in a filter like this: coarse to fine, then biological media; foam alone; or the
 * cartridge it came with, put right. Thicknesses are sheets as they are sold, and no chamber that can hold media stays
 * empty. Those of the keeper’s own schools come first. Empty where nothing fits.
 *
 * @source order and thicknesses of the layers: common practice, no source.
 */
export function usualPacks(input: UsualInput): UsualPack[] {
  const { filter, schools } = input;
  const holdsCartridges =
    filter.kind === 'hang-on-back-cartridge' ||
    [...input.mine, ...input.today].some((layer) => mediumOf(layer).family === 'cartridge');
  const kinds: readonly UsualPackKind[] = [
    ...(schools.biologicalMedium === 'foam' ? (['foam alone'] as const) : []),
    ...(holdsCartridges && schools.cartridges !== 'replace' ? (['as it came'] as const) : []),
    'with floss',
    'foam only',
    'foam alone',
    ...(holdsCartridges ? (['as it came'] as const) : []),
  ];
  return [...new Set(kinds)].flatMap((kind) => usualPack(input, kind) ?? []);
}

function usualPack(input: UsualInput, kind: UsualPackKind): UsualPack | null {
  const { schools, mine, today } = input;
  const filter = wantsSponge(input, kind) ? addIntakeSponge(input.filter) : input.filter;
  const kept = keptOf(input, filter, kind);
  const room = freeDepthByChamber(filter, kept, new Set(kept.map(({ id }) => id)), schools.fullness);
  const body: UsualBody = { filter, schools, room, carbon: input.carbon, pick: pickFrom(input) };
  const pieces = {
    'with floss': () => layGraded(body, 'floss'),
    'foam only': () => layGraded(body, 'fine'),
    'foam alone': () => layFoamAlone(body),
    'as it came': () => layBehindCartridge(body),
  }[kind]();
  if (pieces === null || pieces.length === 0) return null;
  const layers = packOf(filter, room, today.filter(isKept), [...mine, ...kept])(pieces);
  return {
    kind,
    filter,
    layers: layers.map((layer) => (isChemical(layer) ? { ...layer, holder: 'bag' } : layer)),
  };
}

/** What is renewed at every service goes, unless it was found clean; all else goes back. */
const isKept = (layer: Layer): boolean => mediumOf(layer).service !== 'replace' || layer.dirt === 'clean';

const isChemical = (layer: Layer): boolean => mediumOf(layer).family === 'carbon';

/** Small animals need a sponge on the intake, a cartridge is spared by one, and where one sits it stays. */
function wantsSponge({ filter, schools, animals, floatingPlants }: UsualInput, kind: UsualPackKind): boolean {
  if (filter.kind === 'internal-sponge') return false;
  if (intakeSponge(filter) !== null || animals.includes('fry')) return true;
  return (
    schools.intakeSponge === 'always' &&
    (kind === 'as it came' || floatingPlants || animals.includes('shrimp'))
  );
}

/** What stays as it is: the sponge on the intake, or a new one, and the cartridges of the pack that keeps them. */
function keptOf(
  { mine, today, pinned, filter: before }: UsualInput,
  filter: Filter,
  kind: UsualPackKind,
): Layer[] {
  const chambers = new Set(before.chambers.map(({ id }) => id));
  const there = [...mine, ...today.filter(({ id }) => mine.every((layer) => layer.id !== id))].filter(
    (layer) => chambers.has(layer.chamber) && isUsable(layer),
  );
  const sponge = intakeSponge(filter);
  const onIntake = there.filter(({ chamber }) => chamber === sponge?.id);
  const sleeve =
    sponge !== null && onIntake.length === 0
      ? [plainLayer('usual-sleeve', SLEEVE, sponge.id, sponge.depth)]
      : [];
  const isCartridge = (layer: Layer): boolean => mediumOf(layer).family === 'cartridge';
  const stays = there.filter((layer) => pinned.includes(layer.id) && !isCartridge(layer));
  const always = [...onIntake.slice(0, 1), ...sleeve, ...stays.filter((layer) => !onIntake.includes(layer))];
  if (kind !== 'as it came') return always;
  const cartridges = there.filter(isCartridge);
  return [...always, ...(cartridges.length > 0 ? cartridges : firstCartridge(filter))];
}

/** A cartridge in the slot after the well. */
function firstCartridge(filter: Filter): Layer[] {
  const body = filter.chambers.filter(({ where }) => where === 'body');
  const slot = body[body.length > 1 ? 1 : 0];
  if (slot === undefined) return [];
  return [plainLayer('usual-cartridge', CARTRIDGE, slot.id, Math.min(CARTRIDGE_THICKNESS, slot.depth))];
}

/** Takes what the keeper has before what must be bought. */
function pickFrom({ today, onHand }: UsualInput): UsualBody['pick'] {
  const had = new Set([...onHand, ...today.filter(isUsable).map(({ medium }) => medium)]);
  return (job) => {
    const ids: readonly string[] = typeof job === 'string' ? USUAL_MEDIA[job] : job;
    const medium = mediumById(ids.find((id) => had.has(id)) ?? ids[0]!);
    const plies: readonly number[] =
      medium.supply !== 'sheet' ? [] : medium.family === 'floss' ? SOLD_SHEETS.floss : SOLD_SHEETS.foam;
    return { key: medium.id, made: madeOnlyOf(medium.id), medium, plies, volume: Infinity };
  };
}
