import { ASSUMED_PH, peaksOf, planSwap, staysUnder, SWAP_LIMITS, type Peaks } from '../biology/planSwap';
import { cautiousTank, type UncertainTank } from '../biology/courseRange';
import { swapCourse } from '../biology/swapCourse';
import { zeoliteBed } from '../chemical/zeoliteHolds';
import type { Successor, Swap, SwapPiece } from '../filter/swap';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { usableSurface } from '../layers/usableSurface';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { mediumById } from '../media/catalogue';
import { mediumLife } from '../practice/mediaLives';
import type { Tank } from '../tank/tank';

import { lowerFirst } from '../units/firstLetter';
import { layerSurfaces, tankBiology, type LayerSurface, type TankWithFilters } from './tankBiology';
import { sumOf } from '../maths/sum';

/** Share of a bed below which none is left. */
const MIN_BED_SHARE = 1e-9;

/** A layer as a piece that can be retired, with what comes in its place. */
export function swapPiece(
  placed: PlacedLayer,
  { likely }: LayerSurface,
  successor: Successor,
  tank: Pick<Tank, 'generalHardness'>,
): SwapPiece {
  const medium = mediumOf(placed.layer);
  const fresh =
    successor === 'nothing'
      ? 0
      : successor === 'same'
        ? likely
        : usableSurface(mediumById(successor.medium), placed.measure.volume).likely;
  const life = medium.family === 'zeolite' ? mediumLife(medium) : null;
  return {
    key: placed.layer.id,
    name: `${medium.name} (${lowerFirst(placed.chamber.name)})`,
    surface: likely,
    newSurface: fresh,
    whole: medium.family === 'cartridge',
    zeolite:
      life === null || successor === 'same'
        ? null
        : { ...zeoliteBed(placed.measure.dryMass, tank.generalHardness), everyDays: life },
  };
}

/** The tank of a swap: what is retired is not among what stays. */
export function withoutPieces(tank: UncertainTank, pieces: Swap['pieces']): UncertainTank {
  const gone = sumOf(pieces, ({ surface }) => surface);
  const capacity = (tank.zeolite?.capacity ?? 0) - sumOf(pieces, ({ zeolite }) => zeolite?.capacity ?? 0);
  return {
    ...tank,
    staying: Math.max(0, tank.staying - gone),
    // What rounding leaves is no bed.
    zeolite:
      tank.zeolite === null || capacity <= MIN_BED_SHARE * tank.zeolite.capacity
        ? null
        : { ...tank.zeolite, capacity },
  };
}

/** A swap of some pieces in the fewest stages and soonest days that hold even at the careful end of what is known. */
export function proposeSwap(tank: UncertainTank, pieces: Swap['pieces'], pH: number | null): Swap {
  const { stages } = planSwap(cautiousTank(withoutPieces(tank, pieces)), pieces, pH ?? ASSUMED_PH);
  return {
    begunOn: null,
    pieces: [...pieces],
    stages: stages.map(({ day, parts }) => ({ day, parts: [...parts], doneOn: null })),
  };
}

/**
 * A swap that does over weeks what a plan would do at once; null while the food is not entered or nothing of it is in the pack.
 *
 * @param pack with the pieces still in it
 * @param pieces what goes, by layer, and what comes in its place
 */
export function stagedSwap(
  pack: TankWithFilters,
  pieces: readonly { readonly layerId: string; readonly successor: Successor }[],
): Swap | null {
  const { tank, filter, layers } = pack;
  const biology = tankBiology(pack);
  const placed = placeLayers(filter, layers);
  const surfaces = layerSurfaces(filter, layers, tank.temperature);
  const found = placed.flatMap((one, at) => {
    const piece = pieces.find(({ layerId }) => layerId === one.layer.id);
    const surface = surfaces[at];
    return piece === undefined || surface === undefined
      ? []
      : [swapPiece(one, surface, piece.successor, tank)];
  });
  return biology === null || found.length === 0 ? null : proposeSwap(biology, found, tank.pH);
}

/** What a swap comes to at the careful end of what is known, and whether that stays under the limits. */
export function judgeSwap(
  tank: UncertainTank,
  { pieces, stages }: Pick<Swap, 'pieces' | 'stages'>,
  pH: number | null,
): { readonly peaks: Peaks; readonly holds: boolean } {
  const careful = cautiousTank(withoutPieces(tank, pieces));
  const peaks = peaksOf(swapCourse(careful, pieces, stages), tank.celsius, pH ?? ASSUMED_PH);
  return { peaks, holds: staysUnder(peaks, SWAP_LIMITS) };
}

/** Layers that a swap can retire: what a film lives on, and zeolite. */
export const canBeRetired = (layer: Layer): boolean => {
  const { family, usableShare } = mediumOf(layer);
  return family !== 'spacer' && usableShare.likely > 0;
};
