import type { Filter } from '../filter/filter';
import type { Fluid } from '../hydraulics/fluid';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Tank } from '../tank/tank';
import { arrivalOf } from './arrival';
import type { Beds } from './beds';
import type { CaptureInput } from './capture';
import type { DirtNumbers } from './dirtNumbers';
import { openFloorOf } from './openFloor';
import { settlingSpeed } from './settlingSpeed';
import { SIZE_CLASSES } from './sizeClasses';

/** What capture dirt begins from in a filter: its beds, its open floor, and how fast each size sinks and how much of it comes. */
export const captureInput = (
  tank: Pick<Tank, 'circulation'>,
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  beds: Beds,
  fluid: Fluid,
  { retention }: DirtNumbers,
): CaptureInput => ({
  beds,
  inFlow,
  openFloor: openFloorOf(filter, inFlow),
  sinking: Float64Array.from(SIZE_CLASSES, ({ diameter }) => settlingSpeed(diameter, fluid)),
  retention,
  arrives: arrivalOf(tank, filter),
});
