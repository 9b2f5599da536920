'use client';
import { useSyncExternalStore } from 'react';

/** Small, and the same in every version: only whether anything answers is asked. */
const PROBE = '/icon.svg';

let away = false;
const listeners = new Set<() => void>();

function setAway(next: boolean): void {
  if (next === away) return;
  away = next;
  listeners.forEach((listener) => listener());
}

/** Asks whether the app’s own server answers, and remembers it for {@link useAway}. */
export async function isAway(): Promise<boolean> {
  const found = await fetch(PROBE, { cache: 'no-store' })
    .then((answer) => answer.text())
    .then(
      () => false,
      () => true,
    );
  setAway(found);
  return found;
}

/** True while the last link that was pressed found no server. */
export const useAway = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => away,
    () => false,
  );
