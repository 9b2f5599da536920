'use client';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

const MOST = 10_000;

interface Props {
  readonly label: string;
  /** null shows an empty field. */
  readonly value: number | null;
  /** Called with null only when the field may be left empty and is. */
  readonly onChange: (count: number | null) => void;
  readonly optional?: boolean;
  readonly min?: number;
  readonly max?: number;
}

/** A whole number of things. */
export function CountField({ label, value, onChange, optional = false, min = 0, max = MOST }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? (value === null ? '' : String(value));
  const isFine = (typed: string): boolean => {
    if (typed.trim() === '') return optional;
    return /^\d+$/.test(typed.trim()) && Number(typed) >= min && Number(typed) <= max;
  };
  const fault = isFine(text) ? null : `Type a whole number from ${min} to ${max}.`;
  return (
    <TextField
      label={label}
      value={text}
      error={fault !== null}
      helperText={fault}
      autoComplete="off"
      onChange={(event) => {
        const typed = event.target.value;
        setDraft(typed);
        if (isFine(typed)) onChange(typed.trim() === '' ? null : Number(typed));
      }}
      onBlur={() => fault === null && setDraft(null)}
      slotProps={{ htmlInput: { inputMode: 'numeric' } }}
    />
  );
}
