/** Differences below this share are rounding: none is better by them. */
const ROUNDING_SHARE = 1e-9;

/** True when a value is less than another by more than rounding. */
const isLess = (a: number, b: number): boolean =>
  a < b - ROUNDING_SHARE * Math.max(1e-12, Math.abs(a), Math.abs(b));

/**
 * True when a pack is at least as good in every wish and better in one.
 *
 * @param losses of each, in the same order; less is better
 * @source Pareto dominance.
 * @example dominates([1, 2], [1, 3]) // true
 */
export function dominates(losses: readonly number[], others: readonly number[]): boolean {
  let better = false;
  for (let index = 0; index < losses.length; index += 1) {
    if (isLess(others[index]!, losses[index]!)) return false;
    if (isLess(losses[index]!, others[index]!)) better = true;
  }
  return better;
}

/** The items that no other beats in everything, in their order; of several that are alike, the first. */
export function nonDominated<T>(items: readonly T[], lossesOf: (item: T) => readonly number[]): T[] {
  const front: { readonly item: T; readonly losses: readonly number[] }[] = [];
  for (const item of items) {
    const losses = lossesOf(item);
    if (front.some((other) => dominates(other.losses, losses) || isAlike(other.losses, losses))) continue;
    for (let index = front.length - 1; index >= 0; index -= 1)
      if (dominates(losses, front[index]!.losses)) front.splice(index, 1);
    front.push({ item, losses });
  }
  return front.map(({ item }) => item);
}

const isAlike = (a: readonly number[], b: readonly number[]): boolean =>
  a.every((value, index) => !isLess(value, b[index]!) && !isLess(b[index]!, value));
