'use client';
import { MAX_FAULTS } from './maxFaults';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { FILE_ENDING, MAX_FILE_BYTES, MAX_FILE_WORDS } from '@/formats/fileLimits';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import type { Stored } from '@/store/documentTable';
import { sendText } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './FileDrop.module.css';

type Preview = { readonly text: string; readonly file: NeatLayerFile };

/** Brings a filter in from its file: shows what it would add before it adds it, and every fault when it cannot. */
export function FileDrop() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [preview, setPreview] = useState<Preview | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);

  const read = async (file: File | undefined) => {
    setPreview(null);
    setFaults([]);
    if (file === undefined) return;
    if (file.size > MAX_FILE_BYTES) {
      setFaults([`The file is larger than ${MAX_FILE_WORDS}, the largest this app can read.`]);
      return;
    }
    const text = await file.text();
    // Loaded when a file is chosen: it reads every kind of document.
    const { readNeatLayerFile } = await import('@/formats/readNeatLayerFile');
    const result = readNeatLayerFile(text);
    if (result.ok) setPreview({ text, file: result.file });
    else setFaults(result.faults);
  };

  const add = async (text: string) => {
    setBusy(true);
    const outcome = await sendText<Stored<Filter>>('POST', '/api/files', text, 'application/json');
    if (outcome.kind === 'saved') router.push(`/filter/${outcome.value.doc.id}/measure`);
    else {
      setFaults(outcomeFaults(outcome, 'Nothing was added.'));
      setBusy(false);
    }
  };

  return (
    <div className={styles.drop}>
      <input
        ref={input}
        type="file"
        accept={`${FILE_ENDING},.json`}
        aria-label="Neat Layer file"
        className="unseen"
        onChange={(event) => {
          void read(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button onClick={() => input.current?.click()}>Choose a file</Button>
      {faults.length === 0 ? null : (
        <div role="alert" className={styles.faults}>
          <p>Nothing was added. The file has these problems:</p>
          <ul>
            {faults.slice(0, MAX_FAULTS).map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
            {faults.length > MAX_FAULTS ? <li>and {faults.length - MAX_FAULTS} more.</li> : null}
          </ul>
        </div>
      )}
      {preview === null ? null : (
        <div className={styles.preview}>
          <p>
            This would add <strong>{preview.file.filter.name}</strong> (
            {FILTER_KINDS[preview.file.filter.kind].name}) on <strong>{preview.file.tank.name}</strong>, with{' '}
            {preview.file.packs.length} packs, {preview.file.jobs.length} repacks and{' '}
            {preview.file.log.length} log entries. Nothing else changes.
          </p>
          <Button variant="contained" disabled={busy} onClick={() => void add(preview.text)}>
            Add the filter from the file
          </Button>
          <Button onClick={() => setPreview(null)}>Cancel</Button>
        </div>
      )}
    </div>
  );
}
