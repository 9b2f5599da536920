'use client';
import Button from '@mui/material/Button';
import { addDays, formatISO } from 'date-fns';
import { Controller } from 'react-hook-form';
import type { Due } from '@/core/care/due';
import { TextInput } from '../fields/TextInput';
import { LogForm } from '../log/LogForm';
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

interface Snooze {
  readonly until: string;
  readonly why: string;
}

/** Puts off something that is due, with the reason: the log keeps both. */
export function SnoozeForm({ filterId, item, onDone }: Props) {
  const isReady = ({ until, why }: Snooze): boolean =>
    why.trim() !== '' && until > item.on && until >= dayIn(1) && until <= dayIn(MAX_DAYS);
  return (
    <LogForm
      filterId={filterId}
      label="Put off"
      className={styles.snooze}
      first={{ until: dayIn(DEFAULT_DAYS), why: '' }}
      isReady={isReady}
      entryOf={({ until, why }) => ({ kind: 'snooze', item: item.key, until, note: why.trim() })}
      button="Put off"
      more={<Button onClick={() => onDone(null)}>Cancel</Button>}
      onSaved={onDone}
    >
      {({ control }, { until }) => (
        <>
          <Controller
            control={control}
            name="until"
            render={({ field: { value, onChange } }) => (
              <TextInput label="Until" type="date" value={value} onChange={onChange} />
            )}
          />
          <Controller
            control={control}
            name="why"
            render={({ field: { value, onChange } }) => (
              <TextInput
                label="Why it can wait"
                value={value}
                maxLength={LONGEST_REASON}
                onChange={onChange}
              />
            )}
          />
          {until <= item.on ? <p>Choose a day after the due date.</p> : null}
          {until > dayIn(MAX_DAYS) ? <p>Choose a day within the next {MAX_DAYS} days.</p> : null}
        </>
      )}
    </LogForm>
  );
}
