'use client';
import { useState } from 'react';

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
  // Null: nobody types here. It then follows what is stored: undo, another field, another tab.
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? shown;
  const found = read(text);
  // A field not typed in shows what is stored, and stored values are not faulty.
  const fault = text !== shown && !found.ok ? found.fault : null;
  const settle = () => {
    if (fault === null) setDraft(null);
  };
  return {
    fault,
    /** For MUI’s text field. */
    props: {
      value: text,
      error: fault !== null,
      autoComplete: 'off',
      onChange: (event: { readonly target: { readonly value: string } }) => {
        const typed = event.target.value;
        setDraft(typed);
        const next = read(typed);
        if (next.ok) onValue(next.value);
      },
      onBlur: settle,
      onKeyDown: (event: { readonly key: string }) => {
        if (event.key === 'Escape') setDraft(null);
        if (event.key === 'Enter') settle();
      },
    },
  };
}
