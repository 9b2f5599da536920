import { USUAL_DIRT } from '../dirt/dirtNumbers';
import { collectorOf, sizeCoefficient, type SizeCoefficient } from '../dirt/filterCoefficient';
import { SIZE_CLASSES } from '../dirt/sizeClasses';
import { ultimateDeposit } from '../dirt/ultimateDeposit';
import { isInward } from '../filter/chamberGeometry';
import type { Chamber } from '../filter/filter';
import type { Fluid } from '../hydraulics/fluid';
import { bedSolids, layerResistance } from '../hydraulics/layerResistance';
import { pathIntegrals } from '../hydraulics/pathIntegrals';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly } from '../layers/layerRole';
import { measureLayer } from '../layers/measureLayer';
import { mediumOf } from '../layers/mediumOf';
import { solidsFactor } from '../layers/solidsFactor';
import { lifeByDate, type CarbonSurroundings } from '../chemical/carbonDue';
import { cheapestPerVolume } from '../shelf/pricePerLitre';
import type { Shelf } from '../shelf/shelf';

/** Share of its room in which a layer has clogged or is full, by how it clogs (calibrated against the forecasts). */
export const CLOGGED_AT = { fibre: 0.25, others: 0.8 } as const;
/** What one piece does, whatever stands around it. */
export interface PieceNumbers {
  readonly linear: number;
  readonly square: number;
  readonly area: number;
  readonly length: number;
  readonly bySize: readonly SizeCoefficient[];
  readonly surface: number;
  /** Dirt that fits until it has clogged, dry kg. */
  readonly holds: number;
  readonly biological: boolean;
  readonly mechanical: boolean;
  readonly renewed: boolean;
  /** Days it works whatever dirt reaches it. */
  readonly life: number | null;
  readonly price: number | null;
  readonly volume: number;
  readonly mass: number;
}

/** Measures pieces that reach the walls, each once. */
export function pieceNumbers(
  fluid: Fluid,
  shelf: Shelf,
  around: CarbonSurroundings,
): (layer: Layer, chamber: Chamber, from: number) => PieceNumbers {
  const known = new Map<string, PieceNumbers>();
  return (layer, chamber, from) => {
    const key = `${chamber.id}/${layer.mix === null ? layer.medium : layer.id}/${layer.thickness}/${isInward(chamber.shape) ? from : 0}/${layer.compressionRatio}${layer.holder}${layer.placed}`;
    const found = known.get(key);
    if (found !== undefined) return found;
    const medium = mediumOf(layer);
    const measure = measureLayer(chamber, { ...layer, cut: null }, from);
    const factor = solidsFactor(medium, layer);
    const path = pathIntegrals(chamber.shape, measure.from, measure.to);
    const bed = layerResistance(medium.geometry, factor, fluid);
    const solids = bedSolids(medium.geometry, factor);
    const collector = collectorOf(medium.geometry, solids, USUAL_DIRT.attachment);
    const ultimate = ultimateDeposit(medium.geometry, 1 - solids);
    const biological = isBiologicalOnly(layer);
    const perVolume = cheapestPerVolume(layer.medium, shelf);
    const fresh: PieceNumbers = {
      linear: bed.linear * path.linear,
      square: bed.square * path.square,
      // In a shell the face shrinks along the flow: the mean of it by what the water meets.
      area: layer.thickness / path.linear,
      length: layer.thickness,
      bySize: SIZE_CLASSES.map(({ diameter }) => sizeCoefficient(collector, 0, diameter)),
      surface: measure.surface,
      holds:
        ultimate *
        measure.volume *
        USUAL_DIRT.sludgeDensity *
        (medium.geometry.form === 'fibre' ? CLOGGED_AT.fibre : CLOGGED_AT.others),
      biological,
      mechanical: !biological && medium.roles.includes('mechanical'),
      renewed: medium.service === 'replace',
      life: lifeByDate({ layer, medium, measure }, around),
      price: perVolume === null ? null : perVolume * measure.volume * factor,
      volume: measure.volume,
      mass: measure.drainedMass,
    };
    known.set(key, fresh);
    return fresh;
  };
}
