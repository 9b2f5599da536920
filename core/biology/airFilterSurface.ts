import type { Range } from '../maths/range';
import { usableSurface } from '../layers/usableSurface';
import { mediumById } from '../media/catalogue';
import type { AirFilter } from '../tank/airFilter';
import { sumOf } from '../maths/sum';

/** Surface for bacteria in the air-driven filters of a tank, m², as a range. */
export function airFilterSurface(filters: readonly Pick<AirFilter, 'medium' | 'volume'>[]): Range {
  const all = filters.map(({ medium, volume }) => usableSurface(mediumById(medium), volume));
  const total = (key: keyof Range): number => sumOf(all, (range) => range[key]);
  return { low: total('low'), likely: total('likely'), high: total('high') };
}
