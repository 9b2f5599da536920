'use client';
import { OwnMediumSchema } from '@/core/media/ownMediumSchema';
import { TextInput } from '../fields/TextInput';
import { useDraftField } from '../fields/useDraftField';
import styles from './MakeUp.module.css';

interface Props {
  readonly value: string;
  readonly onChange: (letter: string) => void;
}

/** One or two capital letters that mark a medium in the drawings. */
export function MarkField({ value, onChange }: Props) {
  const { fault, props } = useDraftField({
    shown: value,
    read: (text) => {
      const letter = OwnMediumSchema.shape.letter.safeParse(text.trim().toUpperCase());
      return letter.success
        ? { ok: true, value: letter.data }
        : { ok: false, fault: letter.error.issues[0]?.message ?? '' };
    },
    onValue: onChange,
  });
  return <TextInput {...props} label="Mark" helperText={fault} maxLength={2} className={styles.mark} />;
}
