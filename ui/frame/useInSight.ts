import { useEffect, type RefObject } from 'react';

/** Brings the part of a row that one is on into sight where the row is wider than the screen. */
export function useInSight(row: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    row.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [row]);
}
