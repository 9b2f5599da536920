'use client';
import { useEffect } from 'react';
import { useController, useForm } from 'react-hook-form';

/** What a text that was typed comes to: a value, or one sentence that says what to type. */
export type ReadText<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: string };

interface Options<T> {
  /** The stored value as text. */
  readonly shown: string;
  readonly read: (text: string) => ReadText<T>;
  /** Called with every value that can be read. */
  readonly onValue: (value: T) => void;
}

/**
 * A text field over a stored value. What is typed stays as it was typed until it is left or Enter is pressed; then it
 * is shown as it was understood. A text that cannot be read stays in sight with its fault, and what is stored stays.
 */
export function useDraftField<T>({ shown, read, onValue }: Options<T>) {
  const { control, reset } = useForm({ defaultValues: { text: shown } });
  const { field, fieldState } = useController({ name: 'text', control });
  const { isDirty } = fieldState;
  const text = isDirty ? field.value : shown;
  const found = read(text);
  // A field nobody has typed in shows what is stored, and stored values are not faulty.
  const fault = isDirty && !found.ok ? found.fault : null;
  const settle = () => {
    if (fault === null) reset({ text: shown });
  };
  // What is stored may change while nobody types here: undo, another field, another tab.
  useEffect(() => {
    if (!isDirty) reset({ text: shown });
  }, [isDirty, reset, shown]);
  return {
    fault,
    /** For MUI’s text field. */
    props: {
      value: text,
      error: fault !== null,
      autoComplete: 'off',
      onChange: (event: { readonly target: { readonly value: string } }) => {
        const typed = event.target.value;
        field.onChange(typed);
        const next = read(typed);
        if (next.ok) onValue(next.value);
      },
      onBlur: () => {
        field.onBlur();
        settle();
      },
      onKeyDown: (event: { readonly key: string }) => {
        if (event.key === 'Escape') reset({ text: shown });
        if (event.key === 'Enter') settle();
      },
    },
  };
}
