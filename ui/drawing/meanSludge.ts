import type { SludgeSlice } from '@/core/dirt/dayState';
import { sum } from '@/core/maths/sum';

/** How dark a layer is drawn that can take no more. */
export const MAX_DARKNESS = 0.9;

/** How full a layer is of what fits in it, 0–1. */
export function meanSludge(slices: readonly SludgeSlice[]): number {
  const depth = slices.reduce((all, { from, to }) => all + to - from, 0);
  const held = slices.reduce((all, { from, to, bySize }) => all + (to - from) * sum(bySize), 0);
  return depth === 0 ? 0 : Math.min(1, held / depth);
}
