'use client';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { nameSchema } from '@/core/document/fields';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (name: string) => void;
  readonly className?: string;
}

/** A short name. An empty one is not taken and says so; what was there before stays stored. */
export function NameField({ label, value, onChange, className }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const parsed = nameSchema(label).safeParse(draft ?? value);
  // A field nobody has typed in yet is empty, not wrong.
  const fault = draft === null || parsed.success ? undefined : parsed.error.issues[0]?.message;
  return (
    <TextField
      label={label}
      value={draft ?? value}
      error={fault !== undefined}
      helperText={fault}
      className={className}
      autoComplete="off"
      onChange={(event) => {
        setDraft(event.target.value);
        const name = nameSchema(label).safeParse(event.target.value);
        if (name.success) onChange(name.data);
      }}
      onBlur={() => {
        if (fault === undefined) setDraft(null);
      }}
    />
  );
}
