'use client';
import { useRef } from 'react';
import { AppLink } from './AppLink';
import { useInSight } from './useInSight';
import styles from './TabRow.module.css';

export interface TabLink {
  readonly label: string;
  readonly href: string;
  readonly here: boolean;
}

/** Pages that belong together, side by side; on a phone the row scrolls to the one that is open. */
export function TabRow({ label, links }: { readonly label: string; readonly links: readonly TabLink[] }) {
  const row = useRef<HTMLElement>(null);
  useInSight(row);
  return (
    <nav ref={row} aria-label={label} className={styles.row}>
      {links.map(({ label: name, href, here }) => (
        <AppLink key={href} href={href} className={styles.tab} aria-current={here ? 'page' : undefined}>
          {name}
        </AppLink>
      ))}
    </nav>
  );
}
