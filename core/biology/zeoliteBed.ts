/** Zeolite as the water of a tank feels it: what it holds at most, kg N, and how eagerly it takes it, m³/kg N. */
export interface ZeoliteBed {
  readonly capacity: number;
  readonly affinity: number;
}

/** Ammonia nitrogen that a bed holds at rest with water of a concentration, kg; concentration kg N/m³. */
export const langmuirUptake = ({ capacity, affinity }: ZeoliteBed, ammonia: number): number =>
  (capacity * affinity * ammonia) / (1 + affinity * ammonia);

/**
 * Water beyond the tank’s own that a bed acts like, m³: what it takes up for each rise of the concentration. Much while
 * the water holds little, nothing once it is full.
 *
 * @source d(capacity·K·C/(1 + K·C))/dC: ion exchange at rest with the water, which is a matter of hours.
 */
export const actsLike = ({ capacity, affinity }: ZeoliteBed, ammonia: number): number => {
  const open = 1 / (1 + affinity * ammonia);
  return capacity * affinity * open * open;
};

/**
 * Ammonia in the water once it has come to rest with a bed, kg N/m³.
 *
 * @param nitrogen in the water and in the bed together, kg N
 * @param volume of the water, m³
 * @source the positive root of V·C + capacity·K·C/(1 + K·C) = N
 */
export function zeoliteEquilibrium(
  { capacity, affinity }: ZeoliteBed,
  nitrogen: number,
  volume: number,
): number {
  const middle = volume + (capacity - nitrogen) * affinity;
  const root = Math.sqrt(middle * middle + 4 * volume * affinity * nitrogen);
  // The form that does not take two large numbers from each other.
  return root + middle > 0 ? (2 * nitrogen) / (root + middle) : 0;
}
