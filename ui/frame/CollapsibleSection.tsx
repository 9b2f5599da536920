'use client';
import { useState, type ReactNode } from 'react';
import styles from './CollapsibleSection.module.css';

interface Props {
  readonly title: string;
  /** What stands in it, in a few words: read without opening it. */
  readonly says: ReactNode;
  readonly attention?: boolean;
  readonly open?: boolean;
  readonly children: ReactNode;
}

/** A part of a sheet that says what it holds in one line, and opens to be changed. What stands in it is drawn once it is opened. */
export function CollapsibleSection({ title, says, attention = false, open = false, children }: Props) {
  const [opened, setOpened] = useState(open);
  return (
    <details
      className={styles.fold}
      data-attention={attention}
      open={open}
      onToggle={(event) => event.currentTarget.open && setOpened(true)}
    >
      <summary className={styles.summary}>
        <span className={styles.title}>{title}</span>
        <span className={styles.says}>{says}</span>
      </summary>
      {opened ? <div className={styles.inside}>{children}</div> : null}
    </details>
  );
}
