/** A place on a drawing, px. */
type Place = readonly [left: number, top: number];

/**
 * Places of round marks that would lie on each other: the later one stands beside those before it, nearer to the middle.
 *
 * @param size of a mark, and the least distance of two, px
 * @param middle of the drawing, px from its left
 * @example besideEachOther([[50, 10], [51, 10]], 18, 40)[1] // [32, 10]
 */
export function besideEachOther(places: readonly Place[], size: number, middle: number): Place[] {
  const put: Place[] = [];
  for (const [left, top] of places) {
    const way = left < middle ? 1 : -1;
    let free = left;
    for (;;) {
      const other = put.find(([x, y]) => Math.hypot(x - free, y - top) < size);
      if (other === undefined) break;
      free = way * (Math.max(way * free, way * other[0]) + size);
    }
    put.push([free, top]);
  }
  return put;
}
