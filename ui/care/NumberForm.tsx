'use client';
import { Controller } from 'react-hook-form';
import type { LogEntry } from '@/core/log/logEntry';
import type { Bounds } from '@/core/units/bounds';
import { QuantityField } from '../fields/QuantityField';
import { LogForm } from '../log/LogForm';
import type { NewEntry } from '../log/useLog';
import styles from './LogSheet.module.css';

const NO_NUMBER: { si: number | null } = { si: null };

interface Props {
  readonly filterId: string;
  readonly label: string;
  readonly bounds: Bounds;
  readonly button: string;
  readonly entryOf: (si: number) => NewEntry;
  readonly onSaved: (entry: LogEntry | null) => void;
}

/** An entry that is one number. */
export function NumberForm({ filterId, label, bounds, button, entryOf, onSaved }: Props) {
  return (
    <LogForm
      filterId={filterId}
      className={styles.form}
      first={NO_NUMBER}
      isReady={({ si }) => si !== null}
      entryOf={({ si }) => entryOf(si ?? 0)}
      button={button}
      onSaved={onSaved}
    >
      {({ control }) => (
        <Controller
          control={control}
          name="si"
          render={({ field: { value, onChange } }) => (
            <QuantityField label={label} bounds={bounds} value={value} onChange={onChange} />
          )}
        />
      )}
    </LogForm>
  );
}
