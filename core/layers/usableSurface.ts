import type { Range } from '../maths/range';
import { bedGeometry } from '../media/bedGeometry';
import type { Medium } from '../media/medium';

/**
 * Surface of a volume of a medium on which a film can live, m².
 *
 * @param volume of the bed, m³
 * @param solidsFactor how much of the medium is in it against a bed as the catalogue has it
 * @source geometric surface of the bed × the share of it that is usable.
 */
export function usableSurface(medium: Medium, volume: number, solidsFactor = 1): Range {
  const geometric = volume * bedGeometry(medium.geometry).specificSurface * solidsFactor;
  const { low, likely, high } = medium.usableShare;
  return { low: low * geometric, likely: likely * geometric, high: high * geometric };
}
