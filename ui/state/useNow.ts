'use client';
import { useEffect, useState } from 'react';

/** The time by the browser's clock as an ISO moment, renewed every `every` milliseconds; null until the page stands. */
export function useNow(every: number): string | null {
  const [now, setNow] = useState<string | null>(null);
  useEffect(() => {
    const tick = () => setNow(new Date().toISOString());
    const first = setTimeout(tick);
    const timer = setInterval(tick, every);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [every]);
  return now;
}
