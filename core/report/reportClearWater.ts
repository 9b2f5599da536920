import { cleanClearanceRate } from '../dirt/cleanClearanceRate';
import { otherClearanceRate } from '../dirt/otherClearanceRate';
import { clearWater, type ClearWater } from '../dirt/clearWater';
import type { Filter } from '../filter/filter';
import type { OperatingPoint } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Tank } from '../tank/tank';

/** How clear the water of a tank is with a filter and without it, both clean, other filters running all along. */
export interface ReportClearWater {
  readonly with: ClearWater;
  readonly without: ClearWater;
}

/** Clear water of a pack as it goes in. */
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
): ReportClearWater {
  const byOthers = otherClearanceRate(tank, others);
  const without = clearWater(tank, () => byOthers);
  const here = cleanClearanceRate(tank, filter, inFlow, water);
  const own = clearWater(tank, (attachment) =>
    here(attachment).map((value, size) => value + byOthers[size]!),
  );
  return { with: own, without };
}
