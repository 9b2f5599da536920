import { cleanCleared } from '../dirt/cleanCleared';
import { clearWater, type ClearWater } from '../dirt/clearWater';
import { USUAL_DIRT } from '../dirt/dirtNumbers';
import { SIZE_CLASSES } from '../dirt/sizeClasses';
import type { Filter } from '../filter/filter';
import { operatingPoint, type OperatingPoint } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import type { Tank } from '../tank/tank';

/** How clear the water of a tank is with a filter and without it, both clean, other filters running all along. */
export interface ReportClearWater {
  readonly with: ClearWater;
  readonly without: ClearWater;
}

/** Clear water of a pack as it goes in; null when nobody has said what is fed. */
export function reportClearWater(
  {
    tank,
    filter,
    others,
  }: {
    readonly tank: Tank;
    readonly filter: Filter;
    readonly others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[];
  },
  inFlow: readonly PlacedLayer[],
  water: OperatingPoint,
): ReportClearWater | null {
  const elsewhere = others.map((other) => {
    const placed = placeLayers(other.filter, other.layers);
    return cleanCleared(
      tank,
      other.filter,
      placed,
      operatingPoint(other.filter, placed, tank.temperature),
      USUAL_DIRT,
    );
  });
  const byOthers = Float64Array.from(SIZE_CLASSES, (_, size) =>
    elsewhere.reduce((sum, cleared) => sum + (cleared[size] ?? 0), 0),
  );
  const without = clearWater(tank, () => byOthers);
  const own = clearWater(tank, (numbers) => {
    const here = cleanCleared(tank, filter, inFlow, water, numbers);
    return here.map((value, size) => value + (byOthers[size] ?? 0));
  });
  return own === null || without === null ? null : { with: own, without };
}
