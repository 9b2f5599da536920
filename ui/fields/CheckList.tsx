'use client';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import styles from './CheckList.module.css';

interface Props<T extends string> {
  readonly legend: string;
  readonly items: readonly { readonly value: T; readonly label: string }[];
  readonly chosen: readonly T[];
  readonly onChange: (chosen: T[]) => void;
}

/** Any of a few things, each with its tick. */
export function CheckList<T extends string>({ legend, items, chosen, onChange }: Props<T>) {
  return (
    <fieldset className={styles.list}>
      <legend className="caption">{legend}</legend>
      {items.map(({ value, label }) => (
        <FormControlLabel
          key={value}
          label={label}
          control={
            <Checkbox
              checked={chosen.includes(value)}
              onChange={(_, on) =>
                onChange(on ? [...chosen, value] : chosen.filter((kept) => kept !== value))
              }
            />
          }
        />
      ))}
    </fieldset>
  );
}
