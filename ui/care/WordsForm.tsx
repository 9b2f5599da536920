'use client';
import { Controller } from 'react-hook-form';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import type { LogEntry } from '@/core/log/logEntry';
import { ChoiceField } from '../fields/ChoiceField';
import { TextInput } from '../fields/TextInput';
import { LogForm } from '../log/LogForm';
import styles from './LogSheet.module.css';

interface Props {
  readonly filterId: string;
  readonly onSaved: (entry: LogEntry | null) => void;
}

const WORD_KINDS = [
  { value: 'note', label: 'a note' },
  { value: 'feeding', label: 'feeding changed' },
  { value: 'hardware', label: 'hardware changed' },
] as const;
type WordKind = (typeof WORD_KINDS)[number]['value'];
const NO_WORDS: { kind: WordKind; note: string } = { kind: 'note', note: '' };

/** What happened, in the keeper’s words. */
export function WordsForm({ filterId, onSaved }: Props) {
  return (
    <LogForm
      filterId={filterId}
      className={styles.form}
      first={NO_WORDS}
      isReady={({ note }) => note.trim() !== ''}
      entryOf={({ kind, note }) =>
        kind === 'note' ? { kind, note: note.trim() } : { kind: 'change', what: kind, note: note.trim() }
      }
      button="Save note"
      onSaved={onSaved}
    >
      {({ control }) => (
        <>
          <Controller
            control={control}
            name="kind"
            render={({ field: { value, onChange } }) => (
              <ChoiceField<WordKind> label="About" value={value} choices={WORD_KINDS} onChange={onChange} />
            )}
          />
          <Controller
            control={control}
            name="note"
            render={({ field: { value, onChange } }) => (
              <TextInput label="What happened" value={value} maxLength={LONGEST_NOTE} onChange={onChange} />
            )}
          />
        </>
      )}
    </LogForm>
  );
}
