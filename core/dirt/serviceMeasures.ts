import { BROWN_SHARE, MECHANICAL_FULL_SHARE } from './fullness';
import type { ServiceLimits } from './serviceLimits';

/** A filter that has little headroom from the start wants service when this share of it is left (calibrated). */
const OF_CLEAN_HEADROOM = 1 / 3;

/**
 * What calls for service: flow through the pack, height of the water below the rim, dirt that the pack still keeps, or the
 * room that is left in the sponge of an internal filter, which keepers squeeze by eye.
 */
export const MEASURES = ['through', 'headroom', 'kept', 'sponge'] as const;
export type ServiceBy = (typeof MEASURES)[number];

/** Share of its clean value at which a measure calls for service. */
export function limitOf(by: ServiceBy, clean: number, { through, headroom }: ServiceLimits): number {
  if (by === 'through') return through;
  // None when clean: due at once.
  if (by === 'headroom') return clean <= 0 ? 1 : Math.min(headroom / clean, OF_CLEAN_HEADROOM);
  return by === 'kept' ? MECHANICAL_FULL_SHARE : 1 - BROWN_SHARE;
}

/** Every measure of one day, NaN for what a filter does not have. */
type Measured = Readonly<Record<ServiceBy, number>>;

/** True when the flow or the headroom is too low, the mechanical layers are full, or the sponge is brown. */
export const isServiceDue = (limits: ServiceLimits, clean: Measured, today: Measured): boolean =>
  MEASURES.some((by) => today[by] < limitOf(by, clean[by], limits) * clean[by]);
