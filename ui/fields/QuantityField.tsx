'use client';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useState } from 'react';
import { boundsFault, type Bounds } from '@/core/units/bounds';
import { parseQuantity, typedQuantity } from '@/core/units/parseQuantity';
import { shownDigits } from '@/core/units/formatQuantity';
import { useWords } from './Habits';
import type { Words } from './wordsFor';

type Props = Omit<TextFieldProps, 'value' | 'onChange' | 'label' | 'error' | 'helperText'> & {
  label: string;
  bounds: Bounds;
  /** SI; null shows an empty field. */
  value: number | null;
  /** Called with SI each time the text is a valid value, and with null when it is emptied and may be. */
  onChange: (si: number | null) => void;
  /** The field may be left empty. */
  optional?: boolean;
  /** Digits after the point, if other than the unit's own. */
  digits?: number;
  /** Said under the field when there is no fault. */
  hint?: string;
};

/**
 * A number with its unit. Takes "4,5", "45 mm" or "1 3/4 in"; says under the field what is wrong and what to type.
 * Only a valid value leaves it, so a slip of the finger never reaches stored data.
 */
export function QuantityField({
  label,
  bounds,
  value,
  onChange,
  optional = false,
  digits,
  hint,
  ...rest
}: Props) {
  const words = useWords();
  const [draft, setDraft] = useState<string | null>(null);
  const unit = words.unit(bounds.kind);
  const shown = value === null ? '' : plainNumber(value, bounds, words, digits);
  const text = draft ?? shown;
  const fault = draft === null ? null : faultOf(draft, bounds, optional, words);

  const type = (typed: string) => {
    setDraft(typed);
    if (faultOf(typed, bounds, optional, words) !== null) return;
    const parsed = parseQuantity(typed, bounds.kind, words);
    onChange(parsed.ok ? parsed.si : null);
  };

  return (
    <TextField
      {...rest}
      label={label}
      value={text}
      error={fault !== null}
      helperText={fault ?? hint}
      autoComplete="off"
      onChange={(event) => type(event.target.value)}
      onBlur={() => {
        // A faulty text stays in sight with its message; a good one is shown as it was understood.
        if (fault === null) setDraft(null);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') setDraft(null);
        if (event.key === 'Enter' && fault === null) setDraft(null);
      }}
      slotProps={{
        ...rest.slotProps,
        htmlInput: { inputMode: 'decimal' },
        input: {
          endAdornment: unit.symbol === '' ? undefined : <span className="quiet">{unit.symbol}</span>,
        },
      }}
    />
  );
}

function faultOf(text: string, bounds: Bounds, optional: boolean, words: Words): string | null {
  if (optional && text.trim() === '') return null;
  const parsed = parseQuantity(text, bounds.kind, words);
  return parsed.ok ? boundsFault(bounds, parsed.si, words) : parsed.fault;
}

/** The number alone, without grouping, so that it can be typed over. */
const plainNumber = (si: number, { kind }: Bounds, words: Words, digits?: number): string =>
  typedQuantity(si, words.unit(kind), digits ?? shownDigits({ kind, si }, words), words.locale);
