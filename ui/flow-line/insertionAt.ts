import type { FlowLineLayout } from './flowLineLayout';

/** Where a piece let go at some place would go in: chamber, place in its flow order, and where the mark stands, px. */
export interface Insertion {
  readonly chamberId: string;
  readonly index: number;
  readonly x: number;
}

/**
 * The place in the pack nearest to `x` px from the left of the drawing. `movingId` is left out of the count: it is
 * taken out before it is put in.
 */
export function insertionAt(layout: FlowLineLayout, x: number, movingId: string | null): Insertion | null {
  const distance = (box: { x: number; width: number }): number =>
    Math.max(box.x - x, 0, x - box.x - box.width);
  const [first, ...more] = layout.chambers;
  if (first === undefined) return null;
  const chamber = more.reduce((nearest, box) => (distance(box) < distance(nearest) ? box : nearest), first);
  const others = chamber.layers.filter((layer) => layer.report.layerId !== movingId);
  const index = others.filter((layer) => layer.x + layer.width / 2 < x).length;
  const before = others[index - 1];
  return {
    chamberId: chamber.chamber.id,
    index,
    x: before === undefined ? chamber.x : before.x + before.width,
  };
}
