'use client';
import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { formatClock } from '../job/formatClock';
import { useWords } from '../fields/UnitsProvider';
import { useTimer } from './useTimer';
import styles from './StepTimer.module.css';

interface Props {
  /** s */
  readonly seconds: number;
  /** ISO moment; null: not started. */
  readonly startedAt: string | null;
  readonly onStart: (on: boolean) => void;
}

/** Milliseconds for which a phone shakes when the time is up. */
const VIBRATION_MS = 400;

/** The timer of a step: started by hand, and read at arm’s length. */
export function StepTimer({ seconds, startedAt, onStart }: Props) {
  const words = useWords();
  const run = useTimer(startedAt);
  const left = run === null ? null : Math.max(0, seconds - run);
  const isOver = left === 0;
  useEffect(() => {
    if (isOver && 'vibrate' in navigator) navigator.vibrate(VIBRATION_MS);
  }, [isOver]);
  if (startedAt === null)
    return (
      <Button variant="outlined" className={styles.start} onClick={() => onStart(true)}>
        Start the timer, {words.number(seconds / 60)} min
      </Button>
    );
  return (
    <div className={styles.timer} data-over={isOver}>
      <span role="timer" aria-label="Time left" className={styles.left}>
        {left === null ? '–' : formatClock(Math.ceil(left))}
      </span>
      <span role="status">{isOver ? 'The time is up.' : ''}</span>
      <Button onClick={() => onStart(false)}>Stop the timer</Button>
    </div>
  );
}
