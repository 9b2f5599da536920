'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { FLOW_BOUNDS } from '@/core/log/logBounds';
import { QuantityField } from '../fields/QuantityField';
import styles from './Stopwatch.module.css';

/** A time that was taken with another watch. */
export function TypedTime({ onAdd }: { readonly onAdd: (seconds: number) => void }) {
  const [typed, setTyped] = useState<number | null>(null);
  /** The field begins anew with each time that is added. */
  const [round, setRound] = useState(0);
  const enter = (): void => {
    if (typed === null) return;
    onAdd(typed);
    setTyped(null);
    setRound((count) => count + 1);
  };
  return (
    <div className={styles.typed}>
      <QuantityField
        key={round}
        label="Or type the time"
        optional
        bounds={FLOW_BOUNDS.seconds}
        value={typed}
        onChange={setTyped}
        onKeyDown={(event) => event.key === 'Enter' && enter()}
      />
      <Button disabled={typed === null} onClick={enter}>
        Add
      </Button>
    </div>
  );
}
