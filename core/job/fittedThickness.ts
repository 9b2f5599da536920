import type { Filter } from '../filter/filter';
import { LAYER_BOUNDS } from '../layers/layerBounds';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { measureLayer } from '../layers/measureLayer';
import type { PackedStep } from './job';

/** Dry mass of a layer as planned, kg; null where its chamber is not there. */
export function plannedMass({ chambers }: Pick<Filter, 'chambers'>, layer: Layer): number | null {
  const chamber = chambers.find(({ id }) => id === layer.chamber);
  return chamber === undefined ? null : measureLayer(chamber, layer, 0).dryMass;
}

/**
 * How thick a layer is as it went in, m: as entered; else, of loose media that were weighed, as the weight says; else as
 * planned.
 *
 * @source a bed of the same medium in the same chamber: height goes with mass
 */
export function fittedThickness(
  filter: Pick<Filter, 'chambers'>,
  layer: Layer,
  { thickness, mass }: Pick<PackedStep, 'thickness' | 'mass'>,
): number {
  if (thickness !== null) return thickness;
  const planned = plannedMass(filter, layer);
  if (mass === null || planned === null || planned === 0 || mediumOf(layer).supply !== 'loose')
    return layer.thickness;
  const { min, max } = LAYER_BOUNDS.thickness;
  return Math.min(max, Math.max(min, (layer.thickness * mass) / planned));
}
