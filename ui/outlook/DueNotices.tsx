'use client';
import { useEffect } from 'react';
import { useWords } from '../fields/Habits';
import { noticesState } from '../state/notices';

/** Milliseconds between two looks at what is due. */
const EVERY = 30 * 60_000;

/** While a page is open, and its keeper wants it, this browser notifies of what is due. Draws nothing. */
export function DueNotices() {
  const words = useWords();
  useEffect(() => {
    if (noticesState() !== 'on') return undefined;
    const look = (): void => {
      void import('./tellDue').then(({ tellDue }) => tellDue(words, new Date())).catch(() => undefined);
    };
    look();
    const timer = setInterval(look, EVERY);
    return () => clearInterval(timer);
  }, [words]);
  return null;
}
