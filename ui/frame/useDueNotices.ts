'use client';
import { useEffect } from 'react';
import { useWords } from '../fields/UnitsProvider';
import { isStorageBlocked } from '../state/isStorageBlocked';
import { NOTICES_WANTED } from '../state/noticesWanted';

/** While a page is open, and its keeper wants it, this browser notifies of what is due. */
export function useDueNotices(): void {
  const words = useWords();
  useEffect(() => {
    const ends = new AbortController();
    // Loaded where it is used: most visits never need it.
    if (!isStorageBlocked() && localStorage.getItem(NOTICES_WANTED) === 'yes')
      void import('./watchDue').then(({ watchDue }) => watchDue(words, ends.signal)).catch(() => undefined);
    return () => ends.abort();
  }, [words]);
}
