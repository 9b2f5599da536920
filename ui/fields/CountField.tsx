'use client';
import { TextInput } from './TextInput';
import { parseNumber } from '@/core/units/parseNumber';
import { useWords } from './UnitsProvider';
import { useDraftField } from './useDraftField';

const MAX_COUNT = 10_000;

interface Props {
  readonly label: string;
  /** null shows an empty field. */
  readonly value: number | null;
  /** Called with null only when the field may be left empty and is. */
  readonly onChange: (count: number | null) => void;
  readonly optional?: boolean;
  readonly min?: number;
  readonly max?: number;
}

/** A whole number of things. */
export function CountField({ label, value, onChange, optional = false, min = 0, max = MAX_COUNT }: Props) {
  const { locale } = useWords();
  const { fault, props } = useDraftField<number | null>({
    shown: value === null ? '' : String(value),
    read: (text) => {
      if (optional && text.trim() === '') return { ok: true, value: null };
      const parsed = parseNumber(text, locale);
      const count = parsed.kind === 'number' && Number.isInteger(parsed.value) ? parsed.value : NaN;
      return count >= min && count <= max
        ? { ok: true, value: count }
        : { ok: false, fault: `Type a whole number from ${min} to ${max}.` };
    },
    onValue: onChange,
  });
  return <TextInput {...props} label={label} helperText={fault} inputMode="numeric" />;
}
