import { isCartridgeWell } from '../filter/isCartridgeWell';
import { isSettlementPlace } from '../filter/settlementPlace';
import type { Chamber } from '../filter/filter';
import { isMechanical } from '../layers/layerRole';
import type { ChamberMeasure } from '../layers/measureChamber';
import type { PlacedLayer } from '../layers/placedLayer';
import type { RuleContext } from './ruleContext';

/** Share of a chamber's usable depth that may stay free without a word: room for service and for the level to rise. */
const FREE_DEPTH_UNMENTIONED = 0.12;

/** What an empty chamber, or the empty part of one, is for. */
export type EmptyPlace = 'settlement' | 'intake sponge' | 'cartridge well' | 'media';

/** A chamber that is not full: what is in it, and what the rest is for. */
interface EmptyChamber {
  readonly chamber: Chamber;
  readonly measure: ChamberMeasure;
  readonly inside: readonly PlacedLayer[];
  readonly place: EmptyPlace;
}

/** The chambers of which all media is known and more of whose depth is free than goes without a word. */
export function emptyChambers(context: RuleContext): EmptyChamber[] {
  return context.chambers.flatMap(({ chamber, measure }) => {
    const share = measure.freeDepth / measure.usableDepth;
    if (share <= FREE_DEPTH_UNMENTIONED || !context.isReached(chamber)) return [];
    const inside = context.inFlow.filter((placed) => placed.chamber.id === chamber.id);
    // A pad in the well before the cartridges does its work there however thin it is.
    if (inside.length > 0 && isCartridgeWell(context.filter, chamber)) return [];
    return [{ chamber, measure, inside, place: placeOf(context, chamber, inside) }];
  });
}

function placeOf(
  { filter }: Pick<RuleContext, 'filter'>,
  chamber: Chamber,
  inside: readonly PlacedLayer[],
): EmptyPlace {
  // Nothing catches dirt in it: the open bottom where heavy dirt is meant to settle.
  if (isSettlementPlace(filter, chamber) && !inside.some(({ layer }) => isMechanical(layer)))
    return 'settlement';
  if (inside.length > 0) return 'media';
  if (chamber.where === 'intake') return 'intake sponge';
  return isCartridgeWell(filter, chamber) ? 'cartridge well' : 'media';
}
