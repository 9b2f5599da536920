import type { Filter } from '../filter/filter';
import { PLACES, type Place } from '../filter/places';
import type { Tank } from '../tank/tank';
import { SIZE_CLASSES } from './sizeClasses';

/**
 * How much more of the dirt that settles at once comes to an intake that a circulation pump blows at, as a share of
 * what a mixed tank would bring it (calibrated: keepers say that it helps; no measurement of how much is known).
 */
const SWEPT_SHARE = 0.5;
/** Settling rate at which half of that shows, 1/day (calibrated): fines are mixed anyway. */
const HALF_SWEPT_AT = 4;

/** The end of the tank that a stream along it reaches from a place; from the middle it may reach either. */
const reached = (place: Place): readonly Place[] =>
  place === 'middle' ? PLACES.filter((end) => end !== 'middle') : [place === 'left' ? 'right' : 'left'];

/** True when a circulation pump blows along the tank at one of a filter’s intakes. */
export const isBlownAt = (
  { circulation }: Pick<Tank, 'circulation'>,
  { intakes }: Pick<Filter, 'intakes'>,
): boolean =>
  circulation.some(
    ({ aim, place }) =>
      aim === 'along the tank' && intakes.some((intake) => reached(place).includes(intake.place)),
  );

/**
 * Dirt of each size in the water that a filter draws, as a multiple of the tank’s mean, 1 or more: a pump that blows
 * at the intake sweeps there what would settle, so that the filter’s share of it is larger than its flow alone.
 */
export const arrivalOf = (tank: Pick<Tank, 'circulation'>, filter: Pick<Filter, 'intakes'>): number[] => {
  const swept = isBlownAt(tank, filter) ? SWEPT_SHARE : 0;
  return SIZE_CLASSES.map(({ settles }) => 1 + (swept * settles) / (settles + HALF_SWEPT_AT));
};
