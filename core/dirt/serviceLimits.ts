import type { Filter } from '../filter/filter';
import { bypassFlow } from '../hydraulics/bypassFlow';
import { SERVICE_SHARE } from '../practice/serviceShare';

/**
 * Share of the clean flow through the pack at which a filter wants service whose water has a way past: its outlet hardly
 * weakens, and keepers change floss when much of the water goes past it (calibrated: three parts of four).
 */
const SHARE_WITH_WAY_PAST = 0.25;
/** Headroom at which service is due, m: a bump must not spill it; where there is a way past, the water rises little more (calibrated). */
const MIN_HEADROOM = { closed: 3e-3, wayPast: 1.5e-3 } as const;

/** At what a body calls for service. */
export interface ServiceLimits {
  /** Share of the clean flow through the pack, 0–1. */
  readonly through: number;
  /** Headroom under the rim, m, of a filter that has plenty of it. */
  readonly headroom: number;
}

/**
 * Share of the clean flow at the outlet at which service is due, 0–1; null where the water has a way past the media: its
 * outlet hardly weakens.
 */
export const outletLimit = (filter: Filter): number | null =>
  bypassFlow(filter) === null ? SERVICE_SHARE : null;

/** The limits of a filter by whether its water has a way past the media: a notch, or an open edge over dividers. */
export function serviceLimits(filter: Filter): ServiceLimits {
  const hasWayPast = bypassFlow(filter) !== null;
  return {
    through: hasWayPast ? SHARE_WITH_WAY_PAST : SERVICE_SHARE,
    headroom: hasWayPast ? MIN_HEADROOM.wayPast : MIN_HEADROOM.closed,
  };
}
