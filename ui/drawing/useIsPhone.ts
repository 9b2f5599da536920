'use client';
import { useSyncExternalStore } from 'react';

/** As wide as the sheets’ own narrow layout. */
const NARROW_QUERY = '(max-width: 760px)';

function listen(changed: () => void): () => void {
  const query = window.matchMedia(NARROW_QUERY);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** True on a screen as narrow as a phone’s; false until that is known, so that the server draws for a desk. */
export const useIsPhone = (): boolean =>
  useSyncExternalStore(
    listen,
    () => window.matchMedia(NARROW_QUERY).matches,
    () => false,
  );
