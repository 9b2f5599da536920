'use client';
import TextField from '@mui/material/TextField';

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
}

/** One of a list. The browser's own list: it works with every keyboard, thumb and screen reader. */
export function ChoiceField<T extends string>({ label, value, choices, onChange, fullWidth }: Props<T>) {
  const groups = [...new Set(choices.map((choice) => choice.group))];
  return (
    <TextField
      select
      label={label}
      value={value}
      fullWidth={fullWidth}
      onChange={(event) => onChange(event.target.value as T)}
      slotProps={{ select: { native: true } }}
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
    </TextField>
  );
}
