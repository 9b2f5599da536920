/** A change is never larger than this at once: more shocks the animals (common practice, no source). */
const MAX_AT_ONCE = 0.5;
/** A change aims this far under the limit, as a share of it: the kit does not read finer. */
const AIMS_AT = 0.8;
/** Shares are shown in steps of this. */
const SHARE_STEP = 0.05;

/** How much water to change: the share, and how many times, some hours apart. */
export interface WaterChange {
  readonly share: number;
  readonly times: number;
}

/**
 * The water change that brings a reading under its limit; null where it is under it.
 *
 * @param reading,limit kg N/m³
 * @param fresh of the new water, kg N/m³
 * @source mixing: what stays is C·(1 − w) + C_fresh·w.
 * @example waterChangeFor(0.5e-3, 0.25e-3) // { share: 0.4, times: 2 }
 */
export function waterChangeFor(reading: number, limit: number, fresh = 0): WaterChange | null {
  if (reading <= limit) return null;
  const aim = Math.max(fresh, AIMS_AT * limit);
  const left = (aim - fresh) / Math.max(1e-12, reading - fresh);
  const all = 1 - left;
  const times = Math.max(1, Math.ceil(Math.log(Math.max(left, 1e-3)) / Math.log(1 - MAX_AT_ONCE) - 1e-9));
  const each = times === 1 ? all : 1 - left ** (1 / times);
  return { share: Math.min(MAX_AT_ONCE, Math.ceil(each / SHARE_STEP - 1e-9) * SHARE_STEP), times };
}
