import { nonDominated } from './dominance';

/**
 * Hypervolume of a front: what of the room up to a worst point is beaten by some point of it. It only grows while a
 * search finds better packs.
 *
 * @param points losses, less is better, each of the same length
 * @param worst of every loss; points that are worse count for nothing
 * @source Zitzler & Thiele 1998 (Lect. Notes Comput. Sci. 1498, 292), as a sum over slices along the first loss.
 * @example hypervolume([[0, 1], [1, 0]], [2, 2]) // 3
 */
export function hypervolume(points: readonly (readonly number[])[], worst: readonly number[]): number {
  const inside = points.filter((point) => point.every((value, index) => value < worst[index]!));
  if (inside.length === 0) return 0;
  if (worst.length === 1) return worst[0]! - Math.min(...inside.map(([value]) => value!));
  const sorted = [...nonDominated(inside, (point) => point)].sort((a, b) => a[0]! - b[0]!);
  const rest = worst.slice(1);
  return sorted.reduce((sum, point, index) => {
    const width = (sorted[index + 1]?.[0] ?? worst[0]!) - point[0]!;
    return width <= 0
      ? sum
      : sum +
          width *
            hypervolume(
              sorted.slice(0, index + 1).map((other) => other.slice(1)),
              rest,
            );
  }, 0);
}
