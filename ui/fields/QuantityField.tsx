'use client';
import { boundsFault, type Bounds } from '@/core/units/bounds';
import { shownDigits } from '@/core/units/formatQuantity';
import { parseQuantity, typedQuantity } from '@/core/units/parseQuantity';
import { useWords } from './UnitsProvider';
import { TextInput, type TextInputProps } from './TextInput';
import { useDraftField, type ReadText } from './useDraftField';
import type { Words } from './wordsFor';

type Props = Pick<TextInputProps, 'className' | 'disabled' | 'onKeyDown' | 'placeholder'> & {
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
  onKeyDown,
  ...rest
}: Props) {
  const words = useWords();
  const unit = words.unit(bounds.kind);
  const { fault, props } = useDraftField({
    shown: value === null ? '' : plainNumber(value, bounds, words, digits),
    read: (text) => readQuantity(text, bounds, optional, words),
    onValue: onChange,
  });
  return (
    <TextInput
      {...rest}
      {...props}
      label={label}
      inputMode="decimal"
      helperText={fault ?? hint}
      behind={unit.symbol === '' ? undefined : <span className="quiet">{unit.symbol}</span>}
      onKeyDown={(event) => {
        props.onKeyDown(event);
        onKeyDown?.(event);
      }}
    />
  );
}

function readQuantity(
  text: string,
  bounds: Bounds,
  optional: boolean,
  words: Words,
): ReadText<number | null> {
  if (optional && text.trim() === '') return { ok: true, value: null };
  const parsed = parseQuantity(text, bounds.kind, words);
  if (!parsed.ok) return parsed;
  const fault = boundsFault(bounds, parsed.si, words);
  return fault === null ? { ok: true, value: parsed.si } : { ok: false, fault };
}

/** The number alone, without grouping, so that it can be typed over. */
const plainNumber = (si: number, { kind }: Bounds, words: Words, digits?: number): string =>
  typedQuantity(si, words.unit(kind), digits ?? shownDigits({ kind, si }, words), words.locale);
