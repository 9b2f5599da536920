import { stagesOf } from '../biology/planSwap';
import type { Swap, SwapPiece } from '../filter/swap';

/** Days between two stages when the keeper makes one more or one fewer, where there is but one. */
const USUAL_APART = 14;

/** Days between the stages as they are. */
export function daysApart({ stages }: Swap): number {
  if (stages.length < 2) return USUAL_APART;
  const last = Math.max(...stages.map(({ day }) => day));
  return Math.max(1, Math.round((last - (stages[0]?.day ?? 0)) / (stages.length - 1)));
}

/** The swap in another number of stages, as far apart as they were. */
export const inStages = (swap: Swap, count: number): Swap => ({
  ...swap,
  stages: stagesOf(swap.pieces, count, daysApart(swap)).map(({ day, parts }) => ({
    day,
    parts: [...parts],
    doneOn: null,
  })),
});

/** The swap with one stage on another day. */
export const withStageOn = (swap: Swap, index: number, day: number): Swap => ({
  ...swap,
  stages: swap.stages.map((stage, at) => (at === index ? { ...stage, day } : stage)),
});

/**
 * The pieces of a swap with one more, changed or, where it is null, left out; in the order in which the water meets them.
 *
 * @param key of the piece that is put in place or taken out
 * @param order keys of all layers, in flow order
 */
export const withPiece = (
  pieces: readonly SwapPiece[],
  key: string,
  piece: SwapPiece | null,
  order: readonly string[],
): SwapPiece[] =>
  [...pieces.filter((one) => one.key !== key), ...(piece === null ? [] : [piece])].sort(
    (a, b) => order.indexOf(a.key) - order.indexOf(b.key),
  );

/**
 * What a piece is replaced by, read back from its surfaces.
 *
 * @param surface of the piece now, m²
 */
export function successorKind({ newSurface }: SwapPiece, surface: number): 'same' | 'nothing' | 'other' {
  if (newSurface === 0) return 'nothing';
  return Math.abs(newSurface - surface) < 1e-9 * Math.max(1, surface) ? 'same' : 'other';
}
