'use client';
import styles from './VerdictLine.module.css';

/** Words for what must not be overlooked; all other levels speak for themselves. */
const WORDS_BY_LEVEL: Readonly<Record<string, string>> = { urgent: 'Urgent', check: 'Check' };

/** The state of a thing in one sentence, with its mark where it needs one. */
export function VerdictLine({ level, children }: { readonly level: string; readonly children: string }) {
  const mark = WORDS_BY_LEVEL[level];
  return (
    <p className={styles.state} data-level={level} data-testid="verdict">
      {mark === undefined ? null : <span className={styles.mark}>{mark}</span>} {children}
    </p>
  );
}
