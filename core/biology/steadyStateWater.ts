import { cycle } from './cycle';
import type { CycleInput, Nitrogen } from './cycleInput';

/** Days in which water that nothing disturbs comes to rest. */
const STEADY_AFTER_DAYS = 4;

/** Ammonia and nitrite in the water of a mature tank that nothing disturbs, kg N/m³; nitrate is counted from here. */
export function steadyStateWater(tank: Pick<CycleInput, 'volume' | 'celsius' | 'places' | 'load'>): Nitrogen {
  const none = { ammonia: 0, nitrite: 0, nitrate: 0 };
  const { ammonia, nitrite } = cycle({
    ...tank,
    zeolite: null,
    start: none,
    events: [],
    days: STEADY_AFTER_DAYS,
  });
  return { ammonia: ammonia.at(-1) ?? 0, nitrite: nitrite.at(-1) ?? 0, nitrate: 0 };
}
