import { mediumById } from '../media/catalogue';
import { hasJob } from '../media/medium';
import type { Layer } from './layer';

/** What a layer counts for in this pack. Each layer counts once. */
export type Stage = 'spacer' | 'settle' | 'mechanical' | 'living' | 'polish' | 'chemical' | 'unknown';

/** The stages as water should meet them. A polishing pad after the living media is one of the schools. */
export const STAGE_ORDER: readonly Stage[] = ['settle', 'mechanical', 'living', 'polish', 'chemical'];

/** True for media whose whole purpose is the film; foam and cartridges do that beside another job. */
export function isLivingOnly(layer: Layer): boolean {
  const medium = mediumById(layer.medium);
  return hasJob(medium, 'living') && !hasJob(medium, 'mechanical');
}

export const isMechanical = (layer: Layer): boolean => hasJob(mediumById(layer.medium), 'mechanical');

/**
 * The stage of each layer, in the order given, which must be the flow order.
 * Rings and balls ahead of the first foam settle dirt; the same rings further on are there for the film.
 * A spacer, and a medium that nobody has named, count for nothing.
 * Fine foam or floss behind the last living medium polishes; any other foam is mechanical.
 */
export function stagesInFlow(layers: readonly Layer[]): Stage[] {
  const firstMechanical = layers.findIndex(isMechanical);
  const settlesAt = (at: number): boolean => at < firstMechanical;
  const stageOf = (layer: Layer, at: number): Stage => {
    const medium = mediumById(layer.medium);
    if (medium.family === 'spacer') return 'spacer';
    if (medium.jobs.length === 0) return 'unknown';
    if (medium.jobs.every((job) => job === 'chemical')) return 'chemical';
    if (hasJob(medium, 'settle') && settlesAt(at)) return 'settle';
    if (!isMechanical(layer)) return 'living';
    const livingBefore = layers
      .slice(0, at)
      .some((one, before) => isLivingOnly(one) && !settles(one, before));
    const livingAfter = layers.slice(at + 1).some(isLivingOnly);
    const fine = medium.grade === 'fine' || medium.grade === 'polishing';
    return fine && livingBefore && !livingAfter ? 'polish' : 'mechanical';
  };
  const settles = (layer: Layer, at: number): boolean =>
    hasJob(mediumById(layer.medium), 'settle') && settlesAt(at);
  return layers.map(stageOf);
}
