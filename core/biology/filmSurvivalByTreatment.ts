import type { Treatment } from '../layers/layer';

/** How a layer was cleaned, in old tank water or under the tap, or that it fell dry. */
export type Cleaning = 'none' | 'swish' | 'squeeze' | 'tap water' | 'dried' | 'new';

/**
 * Share of the film that a way of cleaning leaves, 0–1 (calibrated): a gentle swish in tank water, a squeeze in it, a
 * rinse under the tap, and a day in the dry.
 */
export const FILM_KEPT: Readonly<Record<Cleaning, number>> = {
  none: 1,
  swish: 0.9,
  squeeze: 0.7,
  'tap water': 0.2,
  dried: 0.02,
  new: 0,
};

/** What a treatment of a layer means for its film. Salt water, in which zeolite and resin recharge, kills it. */
const CLEANING_BY_TREATMENT: Readonly<Record<Treatment, Cleaning>> = {
  keep: 'none',
  move: 'none',
  cut: 'none',
  'replace in stages': 'none',
  rinse: 'swish',
  squeeze: 'squeeze',
  recharge: 'dried',
  spare: 'none',
  'throw away': 'new',
};

/** Treatments in which the rinse water matters. */
const RINSED: readonly Cleaning[] = ['swish', 'squeeze'];

/**
 * Share of its film that a layer keeps through a treatment, 0–1.
 *
 * @param treatment null: nothing was decided, and nothing is done
 * @param rinseWater what it is rinsed in
 * @example filmSurvivalByTreatment('squeeze', 'tap water') // 0.2
 */
export function filmSurvivalByTreatment(
  treatment: Treatment | null,
  rinseWater: 'tank water' | 'tap water',
): number {
  const cleaning = CLEANING_BY_TREATMENT[treatment ?? 'keep'];
  return FILM_KEPT[rinseWater === 'tap water' && RINSED.includes(cleaning) ? 'tap water' : cleaning];
}
