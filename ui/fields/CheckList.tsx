'use client';
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
        <label key={value}>
          <input
            type="checkbox"
            checked={chosen.includes(value)}
            onChange={(event) =>
              onChange(event.target.checked ? [...chosen, value] : chosen.filter((one) => one !== value))
            }
          />{' '}
          {label}
        </label>
      ))}
    </fieldset>
  );
}
