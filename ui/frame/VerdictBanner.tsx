'use client';
import type { ReactNode } from 'react';
import type { Verdict } from '@/core/report/verdict';
import { useWords } from '../fields/UnitsProvider';
import styles from './VerdictBanner.module.css';
import { VerdictLine } from './VerdictLine';

interface Props {
  readonly verdict: Verdict;
  /** As high as what may come at the right, so that nothing below moves when it comes. */
  readonly steady?: boolean;
  /** What else can be done about it. */
  readonly children?: ReactNode;
  /** The one next step, at the right end; on a phone it lies above the switch, under the thumb. */
  readonly action?: ReactNode;
  /** Given the place of the step where it arises deeper in the page: what lies there stands in for `action`. */
  readonly slot?: (place: HTMLElement | null) => void;
}

/** The answer first, across the sheet: what state things are in, in one sentence, and what comes next. */
export function VerdictBanner({
  verdict: { level, state, next },
  steady = false,
  children,
  action,
  slot,
}: Props) {
  const words = useWords();
  return (
    <section aria-label="Verdict" className={styles.band} data-level={level} data-steady={steady}>
      <div>
        <VerdictLine level={level}>{words.say(state)}</VerdictLine>
        <p className={styles.next} data-testid="verdict-next">
          {words.say(next)}
        </p>
      </div>
      {children === undefined || children === null ? null : <div className={styles.more}>{children}</div>}
      {slot === undefined && (action === undefined || action === null) ? null : (
        <div className={styles.action}>
          {slot === undefined ? null : <span ref={slot} className={styles.slot} />}
          {action}
        </div>
      )}
    </section>
  );
}
