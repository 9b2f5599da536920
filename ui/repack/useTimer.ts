'use client';
import { useEffect, useState } from 'react';
import { elapsedAtOpening, timerElapsed, type ClockLook } from '@/core/repack/timerClock';

/** Milliseconds between two looks. */
const TICK_MS = 500;

const look = (): ClockLook => ({ wall: Date.now(), steady: performance.now() });

/** Seconds that a timer has run; null: it was not started. It survives a reload, a sleep and a clock that is set. */
export function useTimer(startedAt: string | null): number | null {
  const [seconds, setSeconds] = useState<number | null>(null);
  useEffect(() => {
    if (startedAt === null) return undefined;
    let elapsed = elapsedAtOpening(startedAt, Date.now());
    let before = look();
    let slept = false;
    const hide = () => {
      if (document.visibilityState === 'hidden') slept = true;
    };
    const tick = () => {
      const now = look();
      elapsed = timerElapsed(elapsed, before, now, slept);
      before = now;
      slept = document.visibilityState === 'hidden';
      setSeconds(elapsed / 1000);
    };
    const first = setTimeout(tick);
    const timer = setInterval(tick, TICK_MS);
    document.addEventListener('visibilitychange', hide);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      document.removeEventListener('visibilitychange', hide);
    };
  }, [startedAt]);
  return startedAt === null ? null : seconds;
}
