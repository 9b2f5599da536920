'use client';
import { TextInput } from './TextInput';
import { nameSchema } from '@/core/document/fields';
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
      const name = nameSchema(label).safeParse(text);
      return name.success
        ? { ok: true, value: name.data }
        : { ok: false, fault: name.error.issues[0]?.message ?? '' };
    },
    onValue: onChange,
  });
  return <TextInput {...props} label={label} helperText={fault} className={className} />;
}
