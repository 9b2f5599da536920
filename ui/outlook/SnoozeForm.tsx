'use client';
import Button from '@mui/material/Button';
import { addDays, formatISO } from 'date-fns';
import { useState } from 'react';
import type { Due } from '@/core/care/due';
import { TextInput } from '../fields/TextInput';
import { useLog } from '../log/useLog';
import type { LogEntry } from '@/core/log/logEntry';
import styles from './DueRows.module.css';

/** Days by which something is put off unless the keeper says otherwise, and at most. */
const DEFAULT_DAYS = 7;
const MAX_DAYS = 90;
const LONGEST_REASON = 200;

const dayIn = (days: number): string => formatISO(addDays(new Date(), days), { representation: 'date' });

interface Props {
  readonly filterId: string;
  readonly item: Due;
  /** null: cancelled. */
  readonly onDone: (entry: LogEntry | null) => void;
}

/** Puts off something that is due, with the reason: the log keeps both. */
export function SnoozeForm({ filterId, item, onDone }: Props) {
  const { save, faults, busy } = useLog(filterId, null);
  const [until, setUntil] = useState(dayIn(DEFAULT_DAYS));
  const [why, setWhy] = useState('');
  const isReady = why.trim() !== '' && until > item.on && until >= dayIn(1) && until <= dayIn(MAX_DAYS);
  return (
    <form
      className={styles.snooze}
      aria-label="Put off"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isReady) return;
        void save({ kind: 'snooze', item: item.key, until, note: why.trim() }).then(
          (entry) => entry !== null && onDone(entry),
        );
      }}
    >
      <TextInput label="Until" type="date" value={until} onChange={(event) => setUntil(event.target.value)} />
      <TextInput
        label="Why it can wait"
        value={why}
        maxLength={LONGEST_REASON}
        onChange={(event) => setWhy(event.target.value)}
      />
      <Button type="submit" disabled={busy || !isReady}>
        Put off
      </Button>
      <Button onClick={() => onDone(null)}>Cancel</Button>
      {until <= item.on ? <p>Choose a day after the due date.</p> : null}
      {until > dayIn(MAX_DAYS) ? <p>Choose a day within the next {MAX_DAYS} days.</p> : null}
      {faults.map((fault) => (
        <p key={fault} role="alert">
          {fault}
        </p>
      ))}
    </form>
  );
}
