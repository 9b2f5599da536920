import type { Size } from './fillSheet';

/** Smallest side of an off-cut that is worth keeping, m (common practice, no source: it still shims a sleeve). */
export const MIN_OFFCUT = 0.05;

type Free = Size & { readonly x: number; readonly y: number };

const overlap = (a: Free, b: Free): boolean =>
  a.x < b.x + b.length - 1e-9 &&
  b.x < a.x + a.length - 1e-9 &&
  a.y < b.y + b.width - 1e-9 &&
  b.y < a.y + a.width - 1e-9;

/** The largest rectangles that are left of one when another is cut out of it. */
function without(from: Free, cut: Free): Free[] {
  if (!overlap(from, cut)) return [from];
  const [right, top] = [from.x + from.length, from.y + from.width];
  const [cutRight, cutTop] = [cut.x + cut.length, cut.y + cut.width];
  return [
    { ...from, length: cut.x - from.x },
    { ...from, x: cutRight, length: right - cutRight },
    { ...from, width: cut.y - from.y },
    { ...from, y: cutTop, width: top - cutTop },
  ].filter(isWorthKeeping);
}

const isWorthKeeping = ({ length, width }: Size): boolean => Math.min(length, width) >= MIN_OFFCUT;

/** Off-cuts worth keeping of a sheet, largest first, none over another. */
export function offcutsOf(free: readonly Free[]): readonly Free[] {
  const kept: Free[] = [];
  let left = free.filter(isWorthKeeping);
  for (;;) {
    const [largest] = [...left].sort((a, b) => b.length * b.width - a.length * a.width);
    if (largest === undefined) return kept;
    kept.push(largest);
    left = left.flatMap((other) => without(other, largest));
  }
}
