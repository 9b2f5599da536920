'use client';
import { useState, type ReactNode } from 'react';
import type { FindingLevel } from '@/core/findings/findingLevel';
import { LEVEL_WORDS } from './levelWords';
import styles from './Question.module.css';

interface Props {
  readonly question: string;
  /** The gravest of its findings; `good` where it is answered well; null: no answer yet. */
  readonly level: FindingLevel | 'good' | null;
  readonly figure: ReactNode;
  /** What the figure is, and its limit. */
  readonly about: ReactNode;
  /** The same of the pack that it is compared with; null without one. */
  readonly then: ReactNode;
  readonly children: ReactNode;
}

const WORDS_BY_LEVEL: Readonly<Record<FindingLevel | 'good', string>> = {
  urgent: '■',
  check: '△',
  note: '✓',
  good: '✓',
};

/** One of a keeper’s questions in a line: mark and word, figure against its limit, and what it was; opened it says why. */
export function Question({ question, level, figure, about, then, children }: Props) {
  const [opened, setOpened] = useState(false);
  const word = level === null ? null : level === 'good' || level === 'note' ? 'Good' : LEVEL_WORDS[level];
  return (
    <details
      className={styles.question}
      data-level={level ?? 'none'}
      onToggle={(event) => event.currentTarget.open && setOpened(true)}
    >
      <summary className={styles.summary}>
        <span className={styles.asked}>{question}</span>
        <span className={styles.mark}>
          {word === null || level === null ? null : (
            <>
              <span aria-hidden="true">{WORDS_BY_LEVEL[level]}</span> {word}
            </>
          )}
        </span>
        <span className={styles.line}>
          <span className={styles.figure}>{figure}</span> <span className={styles.about}>{about}</span>
        </span>
        <span className={styles.then}>{then}</span>
      </summary>
      {opened ? <div className={styles.inside}>{children}</div> : null}
    </details>
  );
}
