import type { Chamber } from '../filter/filter';
import type { Layer } from './layer';

/**
 * Where the next piece lifted out of a chamber sat: hands go from the top down, so it lay under all that came out of the
 * chamber before.
 *
 * @param layers what has come out already
 */
export const nextLayerOut = (
  { id, way }: Pick<Chamber, 'id' | 'way'>,
  layers: readonly Layer[],
): { chamberId: string; index: number } => ({
  chamberId: id,
  // The lowest piece is first in flow, but where the water falls it is last.
  index: way === 'down' ? layers.filter((layer) => layer.chamber === id).length : 0,
});
