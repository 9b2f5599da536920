import type { LogEntry } from '../job/logEntry';

/** Kinds of entries that are of a tank, at whichever of its filters they were logged. */
const TANK_KINDS: readonly LogEntry['kind'][] = ['water change', 'top-up', 'test', 'addition', 'cloudy'];

/** With what the key of a water change that is due begins. */
export const WATER_ITEM = 'water ';

/** Whether an entry says something of the tank, for all filters on it. */
export const isOfTank = (entry: LogEntry): boolean =>
  TANK_KINDS.includes(entry.kind) || (entry.kind === 'snooze' && entry.item.startsWith(WATER_ITEM));
