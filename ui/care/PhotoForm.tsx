'use client';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import { TextInput } from '../fields/TextInput';
import { Photos } from '../job/Photos';
import { useLog } from '../log/useLog';
import { Faults } from '../log/Faults';
import styles from './LogSheet.module.css';

interface Props {
  readonly filterId: string;
  readonly onSaved: (entry: LogEntry | null) => void;
  /** The note has other photos than before. */
  readonly onPhotos: () => void;
}

/** What a photo without a word is called. */
const NO_WORD = 'Photo';

const addressOf = ({ id }: LogEntry): string => `/api/log/${id}/photos`;

/** Photos with a word about them: they belong to a note, which is saved with the first of them. */
export function PhotoForm({ filterId, onSaved, onPhotos }: Props) {
  const { save, faults } = useLog(filterId, null);
  const [note, setNote] = useState('');
  const [entry, setEntry] = useState<LogEntry | null>(null);
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const address = async (): Promise<string | null> => {
    if (entry !== null) return addressOf(entry);
    const kept = await save({ kind: 'note', note: note.trim() === '' ? NO_WORD : note.trim() });
    setEntry(kept);
    onSaved(kept);
    return kept === null ? null : addressOf(kept);
  };
  return (
    <div className={styles.form}>
      {entry === null ? (
        <TextInput
          label="What the photo shows"
          value={note}
          maxLength={LONGEST_NOTE}
          onChange={(event) => setNote(event.target.value)}
        />
      ) : (
        <p>Saved to the log: {entry.note}</p>
      )}
      <Photos
        address={address}
        photos={photos}
        onPhotos={(next) => {
          setPhotos(next);
          onPhotos();
        }}
      />
      {entry === null ? null : (
        <Button
          onClick={() => {
            setEntry(null);
            setPhotos([]);
            setNote('');
          }}
        >
          Add another note with photos
        </Button>
      )}
      <Faults faults={faults} />
    </div>
  );
}
