import type { LogEntry } from './logEntry';
import { AIR_WORK } from './serviceWorks';

/** Kinds of entries that are of a tank, at whichever of its filters they were logged. */
const TANK_KINDS: readonly LogEntry['kind'][] = ['water change', 'top-up', 'test', 'addition', 'cloudy'];

/** With what the key of a water change that is due begins. */
export const WATER_ITEM = 'water ';
/** The same of its air-driven filters. */
export const AIR_ITEM = 'air ';
const TANK_ITEMS = [WATER_ITEM, AIR_ITEM];

/** Whether an entry says something of the tank, for all filters on it. */
export const isOfTank = (entry: LogEntry): boolean =>
  TANK_KINDS.includes(entry.kind) ||
  (entry.kind === 'service' && entry.works.every(({ work }) => work === AIR_WORK)) ||
  (entry.kind === 'snooze' && TANK_ITEMS.some((item) => entry.item.startsWith(item)));
