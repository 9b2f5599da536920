'use client';
import { useEffect, useState } from 'react';

/** Keeps the screen awake while `on`; false where the browser cannot, or only over a safe address. */
export function useWakeLock(on: boolean): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let ended = false;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (ended) return void given.release();
          lock = given;
          setHeld(true);
          given.addEventListener('release', () => setHeld(false));
        },
        // A low battery refuses: the screen then goes dark as it always does.
        () => setHeld(false),
      );
    };
    hold();
    // The browser lets go when the page is out of sight.
    document.addEventListener('visibilitychange', hold);
    return () => {
      ended = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [on]);
  return held;
}
