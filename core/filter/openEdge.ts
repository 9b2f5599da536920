import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const EDGE_BOUNDS = {
  belowWater: { what: 'Top edge below the tank’s water', kind: 'gap', min: 0, max: 0.5 },
  width: { what: 'Width of the edge', kind: 'length', min: 0, max: 1, aboveMin: true },
} as const satisfies Record<string, Bounds>;

/**
 * The open top edge of the dividers in a filter that hangs in the tank, m. The tank’s own water is before them and never
 * rises: an edge that ends under it lets water over the media, one at the water or above lets none.
 */
export const OpenEdgeSchema = z.object({
  belowWater: bounded(EDGE_BOUNDS.belowWater),
  width: bounded(EDGE_BOUNDS.width),
});
export type OpenEdge = z.infer<typeof OpenEdgeSchema>;
