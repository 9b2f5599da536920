import type { Measured } from '../maths/propagate';
import { CATALOGUE } from './catalogue';
import type { Medium } from './medium';
import { sum, sumOf } from '../maths/sum';

/** Pores of a foam per metre, with one standard deviation. */
export type PoreCount = Measured;

/** What a count along a ruler may be off: half a pore at each end, and the ruler’s own marks, m (calibrated). */
const END_SPREAD = Math.SQRT1_2;
const RULER_SPREAD = 0.5e-3;

/** Share by which pores of one sheet differ in size (calibrated: cut foam is uneven). */
const PORE_VARIES = 0.35;

/** Fewest pores that say anything. */
export const FEWEST_PORES = 3;

/**
 * Pores per metre from a count along a length.
 *
 * @param pores how many pores lie along the line, at least {@link FEWEST_PORES}
 * @param length of the line, m
 * @source counting statistics: n pores of uneven size end within √n · {@link PORE_VARIES} of a pore; the ends and the
 *   ruler add to it, in squares.
 * @example countAlong(24, 0.0254) // { value: 945 }
 */
export function countAlong(pores: number, length: number): PoreCount {
  const value = pores / length;
  const share = Math.hypot(
    (Math.sqrt(pores) * PORE_VARIES) / pores,
    END_SPREAD / pores,
    RULER_SPREAD / length,
  );
  return { value, spread: value * share };
}

/** A point in a picture, px. */
export type Mark = readonly [x: number, y: number];

/**
 * Pores per metre from marks on a photo: two on a ruler a known length apart, and one on each pore along a line.
 * Null with fewer than {@link FEWEST_PORES} pores or marks that coincide.
 *
 * @param ruler the two marks on the ruler
 * @param rulerLength between them, m
 * @param pores marks, in order along the line
 * @source geometry; the spread of the mean of the distances between neighbours, with the ruler’s in squares.
 */
export function countOnPhoto(
  ruler: readonly [Mark, Mark],
  rulerLength: number,
  pores: readonly Mark[],
): PoreCount | null {
  const perPixel = rulerLength / distance(...ruler);
  const steps = pores.slice(1).map((mark, index) => distance(mark, pores[index] ?? mark) * perPixel);
  const mean = sum(steps) / steps.length;
  if (pores.length < FEWEST_PORES || !Number.isFinite(perPixel) || !(mean > 0)) return null;
  const variance = sumOf(steps, (step) => (step - mean) ** 2) / Math.max(1, steps.length - 1);
  const share = Math.hypot(Math.sqrt(variance / steps.length) / mean, RULER_SPREAD / rulerLength);
  return { value: 1 / mean, spread: share / mean };
}

const distance = ([ax, ay]: Mark, [bx, by]: Mark): number => Math.hypot(ax - bx, ay - by);

/** What can be seen through 2 cm of foam held to the light. */
export const LIGHT_ANSWERS = ['shapes', 'light only', 'dark'] as const;
export type LightAnswer = (typeof LIGHT_ANSWERS)[number];

const PORES_PER_INCH = 1 / 0.0254;

/** The grade that each answer stands for, as a middle and one standard deviation (common practice, no source; numbers calibrated). */
const THROUGH_LIGHT: Readonly<Record<LightAnswer, readonly [middle: number, spread: number]>> = {
  shapes: [15, 5],
  'light only': [28, 6],
  dark: [45, 8],
};

/** Pores per metre by the hold-to-the-light guide: coarse shows through. */
export function poresAgainstLight(answer: LightAnswer): PoreCount {
  const [middle, spread] = THROUGH_LIGHT[answer];
  return { value: middle * PORES_PER_INCH, spread: spread * PORES_PER_INCH };
}

/** A grade of the catalogue and how well it agrees with a count, the shares of all grades adding to 1. */
export interface GradeGuess {
  readonly medium: Medium;
  readonly share: number;
}

/** Half the distance on the scale of grades at which one is as far off as the next; keeps a sharp count from excluding a sheet sold under a round number, share (calibrated). */
const GRADE_VARIES = 0.08;

/**
 * The plain foams of the catalogue, the likeliest first.
 *
 * @source Bayes with equal priors and a normal error.
 */
export function likelyGrades({ value, spread }: PoreCount): GradeGuess[] {
  const weighed = CATALOGUE.flatMap((medium) => {
    if (medium.geometry.form !== 'foam' || medium.id === 'foam-bumped') return [];
    const pores = medium.geometry.poresPerInch * PORES_PER_INCH;
    const off = (value - pores) / Math.hypot(spread, GRADE_VARIES * pores);
    return [{ medium, weight: Math.exp(-0.5 * off * off) }];
  });
  const all = sumOf(weighed, (item) => item.weight);
  // A count far from every grade has weights that vanish: the nearest is then all there is.
  if (all === 0) {
    const nearest = weighed.reduce((best, candidate) =>
      gap(candidate.medium, value) < gap(best.medium, value) ? candidate : best,
    );
    return [{ medium: nearest.medium, share: 1 }];
  }
  return weighed
    .map(({ medium, weight }) => ({ medium, share: weight / all }))
    .sort((a, b) => b.share - a.share);
}

const gap = ({ geometry }: Medium, value: number): number =>
  geometry.form === 'foam' ? Math.abs(geometry.poresPerInch * PORES_PER_INCH - value) : Infinity;
