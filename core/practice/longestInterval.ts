import type { FilterKind } from '../filter/filterKind';
import { isCanister } from '../filter/kindFamily';

/*
 * Days after which hands look into a filter at the latest, whatever is forecast: a month in what hangs on or stands in the
 * tank, three months in a canister, twice that where a sponge on the intake or another filter takes the dirt (common practice,
 * no source).
 */
const MAX_INTERVAL_DAYS = { open: 28, canister: 90, sparedCanister: 180 } as const;

/**
 * The longest time between two looks into a filter, days.
 *
 * @param isSpared a sponge on its intake or another filter on the tank takes the dirt before it
 */
export const longestInterval = (kind: FilterKind, isSpared: boolean): number =>
  isCanister(kind)
    ? isSpared
      ? MAX_INTERVAL_DAYS.sparedCanister
      : MAX_INTERVAL_DAYS.canister
    : MAX_INTERVAL_DAYS.open;
