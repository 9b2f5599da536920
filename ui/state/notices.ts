import { NOTICES_WANTED } from './noticesWanted';

/** Where this browser keeps of what it notified today. */
const STORAGE_KEY = 'neat-layer notices told';

/** What notifications are in this browser: it has none, the keeper blocked them, they are on, or off. */
export type NoticesState = 'missing' | 'blocked' | 'on' | 'off';

/** Reads what notifications are in this browser. */
export function noticesState(): NoticesState {
  if (typeof Notification === 'undefined') return 'missing';
  if (Notification.permission === 'denied') return 'blocked';
  try {
    return Notification.permission === 'granted' && localStorage.getItem(NOTICES_WANTED) === 'yes'
      ? 'on'
      : 'off';
  } catch {
    return 'missing';
  }
}

/** Asks the browser for leave and keeps the wish. */
export async function setNotifications(on: boolean): Promise<NoticesState> {
  if (on) await Notification.requestPermission();
  localStorage.setItem(NOTICES_WANTED, on ? 'yes' : 'no');
  localStorage.removeItem(STORAGE_KEY);
  return noticesState();
}

interface Told {
  /** ISO date */
  readonly day: string;
  readonly keys: readonly string[];
}

/** Those of the keys that were not notified of today; they are from now on. */
export function notYetNotifiedToday(keys: readonly string[], day: string): string[] {
  const stored = localStorage.getItem(STORAGE_KEY);
  const told = stored === null ? null : (JSON.parse(stored) as Told);
  const before = told?.day === day ? told.keys : [];
  const left = keys.filter((key) => !before.includes(key));
  if (left.length > 0) localStorage.setItem(STORAGE_KEY, JSON.stringify({ day, keys: [...before, ...left] }));
  return left;
}
