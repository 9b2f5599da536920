'use client';
import { TextInput } from './TextInput';
import { nameFault } from '@/core/document/nameFault';
import { useDraftField } from './useDraftField';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (name: string) => void;
  readonly className?: string;
}

/** A short name. An empty one is not taken and says so; what was there before stays stored. */
export function NameField({ label, value, onChange, className }: Props) {
  const { fault, props } = useDraftField({
    shown: value,
    read: (text) => {
      const wrong = nameFault(label, text);
      return wrong === null ? { ok: true, value: text.trim() } : { ok: false, fault: wrong };
    },
    onValue: onChange,
  });
  return <TextInput {...props} label={label} helperText={fault} className={className} />;
}
