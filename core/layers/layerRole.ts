import type { Filter } from '../filter/filter';
import { isSettlementPlace } from '../filter/settlementPlace';
import { hasRole } from '../media/hasRole';
import type { Layer } from './layer';
import { mediumOf } from './mediumOf';

/** What a layer counts for in this pack. Each layer counts once. */
export type LayerRole = 'spacer' | 'settle' | 'mechanical' | 'biological' | 'polish' | 'chemical' | 'unknown';

/** The stages as water should meet them. A polishing pad after the biological media is one of the schools. */
export const ROLE_ORDER: readonly LayerRole[] = ['settle', 'mechanical', 'biological', 'polish', 'chemical'];

/** True for media whose whole purpose is the film; foam and cartridges do that beside another job. */
export function isBiologicalOnly(layer: Layer): boolean {
  const medium = mediumOf(layer);
  return hasRole(medium, 'biological') && !hasRole(medium, 'mechanical');
}

/** True when the layer’s medium catches dirt. @throws Error when there is no such medium */
export const isMechanical = (layer: Layer): boolean => hasRole(mediumOf(layer), 'mechanical');

/**
 * The stage of each layer, in the order given, which must be the flow order.
 * Rings and balls ahead of the first foam settle dirt at the bottom of an up-flow body, and in the space under its
 * trays; anywhere else the same rings are there for the film.
 * Spacers and media not yet named do not count.
 * Fine foam or floss behind the last biological medium polishes; any other foam is mechanical.
 */
export function rolesInFlow(filter: Filter, layers: readonly Layer[]): LayerRole[] {
  const firstMechanical = layers.findIndex(isMechanical);
  const settlingIn = new Set(
    filter.chambers.filter((chamber) => isSettlementPlace(filter, chamber)).map(({ id }) => id),
  );
  const settlesAt = (index: number): boolean =>
    index < firstMechanical && settlingIn.has(layers[index]?.chamber ?? '');
  const stageOf = (layer: Layer, place: number): LayerRole => {
    const medium = mediumOf(layer);
    if (medium.family === 'spacer') return 'spacer';
    if (medium.roles.length === 0) return 'unknown';
    if (medium.roles.every((job) => job === 'chemical')) return 'chemical';
    if (hasRole(medium, 'settle') && settlesAt(place)) return 'settle';
    if (!isMechanical(layer)) return 'biological';
    const biologicalBefore = layers
      .slice(0, place)
      .some((item, before) => isBiologicalOnly(item) && !settles(item, before));
    const biologicalAfter = layers.slice(place + 1).some(isBiologicalOnly);
    const fine = medium.grade === 'fine' || medium.grade === 'polishing';
    return fine && biologicalBefore && !biologicalAfter ? 'polish' : 'mechanical';
  };
  const settles = (layer: Layer, position: number): boolean =>
    hasRole(mediumOf(layer), 'settle') && settlesAt(position);
  return layers.map(stageOf);
}
