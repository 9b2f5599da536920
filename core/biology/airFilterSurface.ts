import { usableSurface, type SurfaceRange } from '../layers/usableSurface';
import { mediumById } from '../media/catalogue';
import type { AirFilter } from '../tank/airFilter';

/** Surface for bacteria in the air-driven filters of a tank, m², as a range. */
export function airFilterSurface(filters: readonly Pick<AirFilter, 'medium' | 'volume'>[]): SurfaceRange {
  const all = filters.map(({ medium, volume }) => usableSurface(mediumById(medium), volume));
  const sum = (key: keyof SurfaceRange): number => all.reduce((total, range) => total + range[key], 0);
  return { low: sum('low'), likely: sum('likely'), high: sum('high') };
}
