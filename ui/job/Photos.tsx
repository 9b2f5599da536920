'use client';
import Close from '@mui/icons-material/Close';
import Button from '@mui/material/Button';
import { useId, useState } from 'react';
import type { Photo } from '@/core/log/photo';
import { useWords } from '../fields/UnitsProvider';
import { fetchOutcome, newChangeId, send, type Outcome } from '../state/send';
import styles from './Photos.module.css';
import { shrinkPicture } from './shrinkPicture';
import { StoredPhoto } from './StoredPhoto';

interface Props {
  /** Where a new one is sent; null: nowhere, and the reason is shown. */
  readonly address: () => Promise<string | null>;
  /** Those that are there. */
  readonly photos: readonly Photo[];
  readonly onPhotos: (photos: readonly Photo[]) => void;
}

/** Photos of one thing, from the camera or a file. */
export function Photos({ address, photos, onPhotos }: Props) {
  const words = useWords();
  const id = useId();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  /** Made small already and not stored yet, because the app did not answer. */
  const [waiting, setWaiting] = useState<readonly Blob[]>([]);

  const store = async (jpegs: readonly Blob[], before: readonly string[]) => {
    setBusy(true);
    const to = jpegs.length === 0 ? null : await address();
    const left: Blob[] = [];
    const said = [...before];
    const stored: Photo[] = [];
    for (const jpeg of jpegs) {
      if (to === null) {
        left.push(jpeg);
        continue;
      }
      const outcome = await sendPhoto(to, jpeg);
      if (outcome.kind === 'saved') stored.push(outcome.value);
      else if (outcome.kind === 'refused') said.push(...outcome.faults);
      else left.push(jpeg);
    }
    onPhotos([...photos, ...stored]);
    setWaiting(left);
    setFaults(said);
    setBusy(false);
  };

  const choose = async (files: readonly File[]) => {
    setBusy(true);
    const shrunk = await Promise.all(files.map(shrinkPicture));
    await store(
      [...waiting, ...shrunk.flatMap((item) => (item.ok ? [item.jpeg] : []))],
      shrunk.flatMap((candidate) => (candidate.ok ? [] : [candidate.fault])),
    );
  };

  const remove = async (photo: Photo) => {
    const outcome = await send('DELETE', `/api/photos/${photo.id}`);
    if (outcome.kind === 'saved') onPhotos(photos.filter(({ id: photoId }) => photoId !== photo.id));
    else setFaults(['The photo could not be removed. Try again.']);
  };

  return (
    <div className={styles.photos}>
      {photos.map((photo, index) => (
        <figure key={photo.id} className={styles.photo}>
          <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
            <StoredPhoto photoId={photo.id} alt={`Photo ${index + 1}, taken ${words.clock(photo.takenAt)}`} />
          </a>
          <button type="button" aria-label={`Remove photo ${index + 1}`} onClick={() => void remove(photo)}>
            <Close fontSize="inherit" />
          </button>
        </figure>
      ))}
      <label htmlFor={id} className={styles.add} data-busy={busy}>
        {busy ? 'Saving the photo' : 'Add a photo'}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        multiple
        disabled={busy}
        className="unseen"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) void choose(files);
        }}
      />
      {waiting.length === 0 || busy ? null : (
        <p role="alert">
          The app is not responding;{' '}
          {waiting.length === 1 ? 'the photo is kept' : `${waiting.length} photos are kept`} here.{' '}
          <Button onClick={() => void store(waiting, [])}>Try again</Button>
        </p>
      )}
      {faults.length === 0 ? null : (
        <ul role="alert">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Ids of photos that were sent and not answered: sent again they are stored once. */
const changeIds = new WeakMap<Blob, string>();

/** Sends a picture that was made small. */
async function sendPhoto(address: string, jpeg: Blob): Promise<Outcome<Photo>> {
  const changeId = changeIds.get(jpeg) ?? newChangeId();
  changeIds.set(jpeg, changeId);
  return fetchOutcome('POST', address, jpeg, 'image/jpeg', changeId);
}
