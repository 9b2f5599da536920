'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { LONGEST_PLACE } from '@/core/job/longestPlace';
import { TextInput } from '../fields/TextInput';
import styles from './ClockBar.module.css';

interface Props {
  readonly onPark: (place: string) => void;
  readonly onCancel: () => void;
}

/** In which running filter or tank the media wait: that stops the clock. */
export function ParkForm({ onPark, onCancel }: Props) {
  const [typed, setTyped] = useState('');
  const place = typed.trim();
  return (
    <form
      className={styles.park}
      onSubmit={(event) => {
        event.preventDefault();
        if (place !== '') onPark(place);
      }}
    >
      <TextInput
        label="Which tank or filter?"
        value={typed}
        autoFocus
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        maxLength={LONGEST_PLACE}
      />
      <Button type="submit" disabled={place === ''}>
        Stop the clock
      </Button>
      <Button onClick={onCancel}>Cancel</Button>
    </form>
  );
}
