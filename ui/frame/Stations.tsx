'use client';
import { useRef } from 'react';
import { AppLink } from './AppLink';
import type { Station } from './filterPlaces';
import { useInSight } from './useInSight';
import styles from './Stations.module.css';

interface Props {
  readonly stations: readonly Station[];
  /** Says what a station waits for that cannot be opened yet. */
  readonly onWaits: (why: string) => void;
}

/** The way of a repack, drawn as stations along one line that is filled as far as the job has come. */
export function Stations({ stations, onWaits }: Props) {
  const line = useRef<HTMLElement>(null);
  useInSight(line);
  return (
    <nav ref={line} aria-label="Stages of the repack" className={styles.line}>
      {stations.map(({ place, label, href, here, reached, done, waitsFor }) => {
        const shared = {
          className: styles.station,
          'data-reached': reached,
          'data-done': done,
        };
        return waitsFor === null ? (
          <AppLink key={place} href={href} aria-current={here ? 'page' : undefined} {...shared}>
            {label}
            {done ? <span className="unseen"> (done)</span> : null}
          </AppLink>
        ) : (
          <button key={place} type="button" data-waits="true" onClick={() => onWaits(waitsFor)} {...shared}>
            {label}
          </button>
        );
      })}
    </nav>
  );
}
