import { useState } from 'react';
import { TextInput } from '../fields/TextInput';

interface Props {
  readonly label: string;
  /** "2026-11-25" */
  readonly value: string;
  /** First and last day that can be chosen. */
  readonly within: readonly [Date, Date];
  readonly onDay: (date: string) => void;
}

/** A day that is typed: while it is half typed nothing moves, and a day that is not there is put right on leaving. */
export function DayField({ label, value, within, onDay }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [first, last] = within;
  return (
    <TextInput
      label={label}
      type="date"
      value={typed ?? value}
      onChange={(event) => {
        const date = event.target.value;
        const at = Date.parse(date);
        const isThere = at >= first.getTime() && at <= last.getTime();
        setTyped(isThere ? null : date);
        if (isThere) onDay(date);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
