'use client';
import FormControl from '@mui/material/FormControl';
import NativeSelect from '@mui/material/NativeSelect';
import { useId, type Ref } from 'react';
import { FieldLabel } from './FieldLabel';

interface Choice<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly group?: string;
}

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
  readonly fullWidth?: boolean;
  readonly className?: string;
  readonly inputRef?: Ref<HTMLSelectElement>;
}

/** One of a list. The browser's own list: it works with every keyboard, thumb and screen reader. */
export function ChoiceField<T extends string>({
  label,
  value,
  choices,
  onChange,
  fullWidth = false,
  className,
  inputRef,
}: Props<T>) {
  const id = useId();
  const groups = [...new Set(choices.map((choice) => choice.group))];
  return (
    <FormControl variant="standard" size="small" fullWidth={fullWidth} className={className}>
      <FieldLabel of={id}>{label}</FieldLabel>
      <NativeSelect
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
        inputRef={inputRef}
        inputProps={{ id }}
      >
        {groups.map((group) => {
          const options = choices
            .filter((choice) => choice.group === group)
            .map((choice) => (
              <option key={choice.value} value={choice.value}>
                {choice.label}
              </option>
            ));
          return group === undefined ? (
            options
          ) : (
            <optgroup key={group} label={group}>
              {options}
            </optgroup>
          );
        })}
      </NativeSelect>
    </FormControl>
  );
}
