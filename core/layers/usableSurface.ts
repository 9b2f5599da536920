import { bedGeometry } from '../media/bedGeometry';
import type { Medium, UsableShare } from '../media/medium';

/** Surface on which a film can live, m², as a range: what a medium’s usable share is known to. */
export type SurfaceRange = UsableShare;

/**
 * Surface of a volume of a medium on which a film can live, m².
 *
 * @param volume of the bed, m³
 * @param solidsFactor how much of the medium is in it against a bed as the catalogue has it
 * @source geometric surface of the bed × the share of it that is usable.
 */
export function usableSurface(medium: Medium, volume: number, solidsFactor = 1): SurfaceRange {
  const geometric = volume * bedGeometry(medium.geometry).specificSurface * solidsFactor;
  const { low, likely, high } = medium.usableShare;
  return { low: low * geometric, likely: likely * geometric, high: high * geometric };
}
