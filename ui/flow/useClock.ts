'use client';
import { useEffect, useRef, useState } from 'react';

/** Milliseconds between two pictures of the clock. */
const TICK_MS = 50;

/** A clock that starts and stops, by the time of day so that it can go on after a reload; tells the seconds when it stops. */
export function useClock(begun: number | null, onStop: (seconds: number) => void) {
  const [start, setStart] = useState(begun);
  const [elapsed, setElapsed] = useState(0);
  const stop = useRef(onStop);
  useEffect(() => {
    stop.current = onStop;
  });
  useEffect(() => {
    if (start === null) return undefined;
    const timer = setInterval(() => setElapsed((Date.now() - start) / 1000), TICK_MS);
    return () => clearInterval(timer);
  }, [start]);
  const toggle = () => {
    const now = Date.now();
    if (start === null) {
      setElapsed(0);
      setStart(now);
      return;
    }
    const seconds = (now - start) / 1000;
    setElapsed(seconds);
    setStart(null);
    stop.current(seconds);
  };
  return { running: start !== null, elapsed, toggle, startedAt: start };
}
