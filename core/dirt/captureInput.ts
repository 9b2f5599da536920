import type { Filter } from '../filter/filter';
import type { Fluid } from '../hydraulics/fluid';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Beds } from './beds';
import type { CatchInput } from './capture';
import type { DirtNumbers } from './dirtNumbers';
import { openFloorOf } from './openFloor';
import { settlingSpeed } from './settlingSpeed';
import { SIZE_CLASSES } from './sizeClasses';

/** What catching dirt begins from in a filter: its beds, its open floor, and how fast each size sinks. */
export const catchInput = (
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  beds: Beds,
  fluid: Fluid,
  { retention }: DirtNumbers,
): CatchInput => ({
  beds,
  inFlow,
  openFloor: openFloorOf(filter, inFlow),
  sinking: SIZE_CLASSES.map(({ diameter }) => settlingSpeed(diameter, fluid)),
  retention,
});
