/**
 * The value below which a share of a sorted list lies, straight between neighbours; Infinity stands for “never” and is not
 * averaged.
 *
 * @param sorted ascending, one value at least
 * @param share 0–1
 * @source definition 7 of Hyndman & Fan 1996 (Am. Stat. 50, 361).
 * @example quantile([1, 2, 4], 0.75) // 3
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const place = share * (sorted.length - 1);
  const [before, after] = [sorted[Math.floor(place)]!, sorted[Math.ceil(place)]!];
  if (!Number.isFinite(after)) return sorted[Math.round(place)]!;
  return before + (after - before) * (place - Math.floor(place));
}
