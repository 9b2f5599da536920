import type { Filter } from '../filter/filter';
import { operatingPoint } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { Tank } from '../tank/tank';
import { cleanClearanceRate } from './cleanClearanceRate';
import { USUAL_DIRT } from './dirtNumbers';
import { SIZES } from './sizeClasses';

/** Flow that the other filters of a tank clear of each size of dirt while they are clean, m³/s by size. */
export function otherClearanceRate(
  tank: Tank,
  others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[],
): Float64Array {
  const sum = new Float64Array(SIZES);
  for (const { filter, layers } of others) {
    const placed = placeLayers(filter, layers);
    const water = operatingPoint(filter, placed, tank.temperature);
    cleanClearanceRate(
      tank,
      filter,
      placed,
      water,
    )(USUAL_DIRT.attachment).forEach((part, size) => {
      sum[size] = sum[size]! + part;
    });
  }
  return sum;
}
