'use client';
import { timeLeft } from '@/core/job/timeLeft';
import type { ProgrammeStep } from '@/core/prepare/programme';
import { useWords } from '../fields/UnitsProvider';
import { formatClock } from '../job/formatClock';
import { useNow } from '../state/useNow';
import styles from './Prepare.module.css';
import { HOUR } from '@/core/units/time';

/** Milliseconds between two looks at the clock. */
const TICK_MS = 1000;

/** The timer of a soak: how long it still stands, and until when. */
export function SoakTimer({ stands, doneAt }: { stands: ProgrammeStep['stands']; doneAt: string }) {
  const words = useWords();
  const now = useNow(TICK_MS);
  const seconds = stands * HOUR;
  const left = now === null ? null : timeLeft(doneAt, seconds, now);
  const until = words.date(new Date(Date.parse(doneAt) + seconds * 1000), {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
  if (left === 0) return <p className={styles.stood}>Ready since {until}.</p>;
  return (
    <p className={styles.standing}>
      <strong role="timer" aria-label="Time left">
        {left === null ? '–' : formatClock(left)}
      </strong>{' '}
      left; ready on {until}
      <progress aria-hidden="true" max={seconds} value={seconds - (left ?? seconds)} />
    </p>
  );
}
