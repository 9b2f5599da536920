import type { Tick } from './tick';

/** The tick of a step; null: it was never touched. */
export const tickOf = (ticks: readonly Tick[], key: string): Tick | null =>
  ticks.find((tick) => tick.key === key) ?? null;

/** True once a step is done. */
export const isTicked = (ticks: readonly Tick[], key: string): boolean => tickOf(ticks, key)?.done ?? false;

/** The ticks with one more, in place of what was known of its step. */
export const withTick = (ticks: readonly Tick[], tick: Tick): Tick[] => [
  ...ticks.filter(({ key }) => key !== tick.key),
  tick,
];

/** The key under which a layer is ticked. */
export const layerKey = (layerId: string): string => `pack/${layerId}`;

/**
 * The ticks of two devices as one: of each step the newer, so that none is lost and the order does not matter. At the same
 * moment done holds.
 */
export function mergeTicks(mine: readonly Tick[], theirs: readonly Tick[]): Tick[] {
  const byKey = new Map(mine.map((tick) => [tick.key, tick]));
  for (const tick of theirs) {
    const own = byKey.get(tick.key);
    if (own === undefined || tick.at > own.at || (tick.at === own.at && tick.done)) byKey.set(tick.key, tick);
  }
  return [...byKey.values()].sort((a, b) => a.at.localeCompare(b.at) || a.key.localeCompare(b.key));
}
