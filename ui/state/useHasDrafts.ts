'use client';
import { useEffect, useState } from 'react';
import { DRAFT_PREFIX } from './draftPrefix';

/** True once it is known that this browser keeps drafts; looks at their names alone. */
export function useHasDrafts(): boolean {
  const [found, setFound] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => {
      try {
        setFound(Object.keys(localStorage).some((key) => key.startsWith(DRAFT_PREFIX)));
      } catch {
        // Storage is forbidden: nothing is kept then.
      }
    });
    return () => clearTimeout(timer);
  }, []);
  return found;
}
