'use client';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';

export interface ToggleOption<T extends string> {
  readonly value: T;
  readonly label: ReactNode;
}

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly ToggleOption<T>[];
  readonly className?: string;
}

/** One of a few states, or none: pressed again, the chosen one is let go. */
export function ToggleField<T extends string>({
  label,
  options,
  value,
  onChange,
  className,
}: Props<T> & { readonly value: T | null; readonly onChange: (value: T | null) => void }) {
  return (
    <ToggleButtonGroup
      exclusive
      aria-label={label}
      value={value}
      className={className}
      onChange={(_, next: T | null) => onChange(next)}
    >
      {buttons(options)}
    </ToggleButtonGroup>
  );
}

/** Any of a few things, each on or off. */
export function ToggleManyField<T extends string>({
  label,
  options,
  values,
  onChange,
  className,
}: Props<T> & { readonly values: readonly T[]; readonly onChange: (values: T[]) => void }) {
  return (
    <ToggleButtonGroup
      aria-label={label}
      value={values}
      className={className}
      onChange={(_, next: T[]) => onChange(next)}
    >
      {buttons(options)}
    </ToggleButtonGroup>
  );
}

const buttons = <T extends string>(options: readonly ToggleOption<T>[]) =>
  options.map(({ value, label }) => (
    <ToggleButton key={value} value={value}>
      {label}
    </ToggleButton>
  ));
