'use client';
import { useState, type KeyboardEvent } from 'react';

/** What of a list the keys have reached. */
export interface Highlight<T> {
  /** null: the list is empty, or nothing is searched for. */
  readonly item: T | null;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/**
 * The first of what a search finds is what Enter takes; the arrow keys reach the others.
 *
 * @param wanted what is searched for; another search begins at its first again
 */
export function useHighlight<T>(found: readonly T[], wanted: string, take: (item: T) => void): Highlight<T> {
  const [at, setAt] = useState({ wanted, place: 0 });
  const place = at.wanted === wanted ? Math.min(at.place, found.length - 1) : 0;
  const item = wanted.trim() === '' ? null : (found[place] ?? null);
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step !== 0 && item !== null) {
      event.preventDefault();
      setAt({ wanted, place: Math.max(0, Math.min(found.length - 1, place + step)) });
    } else if (event.key === 'Enter' && item !== null) {
      event.preventDefault();
      take(item);
    }
  };
  return { item, onKeyDown };
}
