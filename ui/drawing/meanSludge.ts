import type { SludgeSlice } from '@/core/dirt/dayState';

/** How dark a layer is drawn that can take no more. */
export const MAX_DARKNESS = 0.9;

/** How full a layer is of what fits in it, 0–1. */
export function meanSludge(slices: readonly SludgeSlice[]): number {
  const depth = slices.reduce((sum, { from, to }) => sum + to - from, 0);
  const held = slices.reduce(
    (sum, { from, to, bySize }) => sum + (to - from) * bySize.reduce((all, value) => all + value, 0),
    0,
  );
  return depth === 0 ? 0 : Math.min(1, held / depth);
}
