'use client';
import { AppLink } from './AppLink';
import styles from './PlaceSwitch.module.css';

interface Props {
  readonly care: string;
  readonly repack: string;
  readonly isRepack: boolean;
}

/** The two places of a filter: care between services, and the repack. On a phone it lies under the thumb. */
export function PlaceSwitch({ care, repack, isRepack }: Props) {
  const side = (label: string, href: string, here: boolean) => (
    <AppLink href={href} className={styles.side} aria-current={here ? 'true' : undefined}>
      {label}
    </AppLink>
  );
  return (
    <nav aria-label="Place" className={styles.switch} data-print="no">
      {side('Care', care, !isRepack)}
      {side('Repack', repack, isRepack)}
    </nav>
  );
}
