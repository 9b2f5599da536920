import { grownShareSince } from '../biology/retainedFilmShare';
import { isBiologicalOnly } from '../layers/layerRole';
import type { PlacedLayer } from '../layers/placedLayer';
import { isUsable } from './choices';

/**
 * True for biological media that are sound and have a grown film: counted as grown where its date is unknown. What
 * lies ahead of the foam for settlement is none.
 */
export const worksAsMature = (
  { layer, role }: Pick<PlacedLayer, 'layer' | 'role'>,
  now: string | null,
): boolean =>
  role === 'biological' &&
  isBiologicalOnly(layer) &&
  isUsable(layer) &&
  grownShareSince(layer.installedOn, now) >= 1;
