import type { FlowLineLayout } from './flowLineLayout';
import type { Insertion } from './insertionAt';

/** Nearer than this, px, two points would cover each other: only the first is drawn. */
const MIN_APART = 20;

/** A place at which a layer can be put in, and the layers on either side of it. */
export interface InsertionPoint extends Insertion {
  readonly before: string | null;
  readonly after: string | null;
}

/** Every place between and beside the layers of a drawing, from left to right; places too close to press are left out. */
export function insertionPoints(layout: FlowLineLayout): InsertionPoint[] {
  const all = layout.chambers.flatMap(({ chamber, x, layers }) =>
    Array.from({ length: layers.length + 1 }, (_, index): InsertionPoint => {
      const [previous, next] = [layers[index - 1], layers[index]];
      return {
        chamberId: chamber.id,
        index,
        x: previous === undefined ? x : previous.x + previous.width,
        before: previous?.report.layerId ?? null,
        after: next?.report.layerId ?? null,
      };
    }),
  );
  return all.filter((point, index) => {
    const last = all.slice(0, index).findLast(({ chamberId }) => chamberId === point.chamberId);
    return last === undefined || point.x - last.x >= MIN_APART;
  });
}
