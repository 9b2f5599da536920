import type { Layer } from '../layers/layer';
import { filmSurvivalByTreatment } from './filmSurvivalByTreatment';
import { daysBetween } from '../units/daysBetween';

/** Days after which a film counts as grown beside mature media (calibrated; mineral media need months for the rest). */
const GROWN_AFTER = 42;

/** What is known of the media that a pack was made from. */
export interface FilmHistory {
  /** Layers that were in the filter until now, with what becomes of each; null: the pack stands as it is. */
  readonly found: readonly Layer[] | null;
  readonly rinseWater: 'tank water' | 'tap water';
  /** ISO moment; null: time plays no part. */
  readonly now: string | null;
}

/** Share of the film that grew since a date, 0–1: as it grows beside mature media. */
export function grownShareSince(installedOn: string | null, now: string | null): number {
  if (installedOn === null || now === null) return 1;
  return Math.min(1, Math.max(0, daysBetween(installedOn, now) / GROWN_AFTER));
}

/**
 * Share of a grown film that lives in a layer today, 0–1: one that was in the filter keeps what its cleaning leaves; one
 * that was not is new. A piece that was to be thrown away and is in the pack all the same goes back as it is.
 */
export function retainedFilmShare(layer: Layer, { found, rinseWater, now }: FilmHistory): number {
  if (found === null) return grownShareSince(layer.installedOn, now);
  const before = found.find(({ id, medium }) => id === layer.id && medium === layer.medium);
  if (before === undefined) return 0;
  const treatment = before.treatment === 'throw away' ? 'keep' : before.treatment;
  return filmSurvivalByTreatment(treatment, rinseWater) * grownShareSince(before.installedOn, now);
}
