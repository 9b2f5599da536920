'use client';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { EXPORT_ENDING } from '@/formats/fileLimits';
import type { IncomingDone } from '@/server/incomingFile';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import { describeImportResult, describeImport } from './describeImport';
import { sendFile, type Sent } from './sendFile';
import styles from './DataPart.module.css';

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'sending'; readonly share: number }
  | { readonly kind: 'tried'; readonly sent: Sent; readonly isAsked: boolean }
  | { readonly kind: 'working' }
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'done'; readonly text: string };

/** Everything as one file, out and in: a file says what it would change before it changes anything. */
export function DataPart() {
  const words = useWords();
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<State>({ kind: 'idle' });
  const choose = async (file: File | undefined) => {
    if (file === undefined) return;
    setState({ kind: 'sending', share: 0 });
    const outcome = await sendFile(file, (share) => setState({ kind: 'sending', share }));
    setState(
      outcome.kind === 'saved'
        ? { kind: 'tried', sent: outcome.value, isAsked: false }
        : { kind: 'refused', faults: outcomeFaults(outcome) },
    );
  };
  const bring = async (id: string, how: 'add' | 'replace') => {
    setState({ kind: 'working' });
    const outcome = await send<IncomingDone>('POST', `/api/incoming/${id}`, { how });
    setState(
      outcome.kind === 'saved'
        ? { kind: 'done', text: describeImportResult(words, outcome.value) }
        : { kind: 'refused', faults: outcomeFaults(outcome) },
    );
  };
  const cancel = (id: string) => {
    setState({ kind: 'idle' });
    // What lies there otherwise goes with the next file.
    void send('DELETE', `/api/incoming/${id}`);
  };
  const isBusy = state.kind === 'sending' || state.kind === 'working';
  return (
    <section aria-label="Your data" className={styles.part}>
      <h2 className="title">Your data</h2>
      <p>
        Everything is in one database on this computer. Save a backup regularly and keep it on another disk.
      </p>
      <div className={styles.actions}>
        <Button variant="contained" href="/api/backup" download>
          Save a backup
        </Button>
        <Button href="/api/export" download>
          Export as JSON
        </Button>
        <Button disabled={isBusy} onClick={() => input.current?.click()}>
          Restore or import a file
        </Button>
        <input
          ref={input}
          type="file"
          accept={`.sqlite,${EXPORT_ENDING},.json`}
          aria-label="Backup or export"
          className="unseen"
          onChange={(event) => {
            void choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </div>
      <p className="quiet">
        A backup is a copy of the database. The JSON file contains the same data in a form other programs can
        read: filters, packs, repacks, logs, photos, shelf and settings.
      </p>
      <div role="status">
        {state.kind === 'sending' ? (
          <p>
            <progress aria-label="File" value={state.share} max={1} />{' '}
            {state.share < 1 ? 'Reading the file.' : 'Checking the file.'}
          </p>
        ) : null}
        {state.kind === 'working' ? <p>Adding the file.</p> : null}
        {state.kind === 'done' ? (
          <p>
            {state.text} <AppLink href="/">Show filters</AppLink>
          </p>
        ) : null}
      </div>
      {state.kind === 'refused' ? (
        <ul role="alert" className={styles.faults}>
          {state.faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      ) : null}
      {state.kind === 'tried' ? (
        <Tried
          sent={state.sent}
          isAsked={state.isAsked}
          onAdd={() => void bring(state.sent.id, 'add')}
          onAsk={() => setState({ ...state, isAsked: true })}
          onReplace={() => void bring(state.sent.id, 'replace')}
          onCancel={() => cancel(state.sent.id)}
        />
      ) : null}
    </section>
  );
}

interface TriedProps {
  readonly sent: Sent;
  /** “Replace everything” was pressed once. */
  readonly isAsked: boolean;
  readonly onAdd: () => void;
  readonly onAsk: () => void;
  readonly onReplace: () => void;
  readonly onCancel: () => void;
}

/** What a file that was tried holds, and what can be done with it. */
function Tried({ sent, isAsked, onAdd, onAsk, onReplace, onCancel }: TriedProps) {
  const words = useWords();
  const { holds, adds, stays, faults } = describeImport(words, sent.said);
  return (
    <div role="group" aria-label="What is in the file" className={styles.tried}>
      <p>{holds}</p>
      {faults.length === 0 ? null : (
        <ul className={styles.faults} aria-label="Left out">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      {adds === null ? null : <p>{adds}</p>}
      <p>{stays}</p>
      {isAsked ? (
        <>
          <p>
            <strong>Replace all your data?</strong> A copy of your current data is kept next to the database.
          </p>
          <div className={styles.actions}>
            <Button variant="contained" color="error" onClick={onReplace}>
              Replace everything
            </Button>
            <Button onClick={onCancel}>Cancel</Button>
          </div>
        </>
      ) : (
        <div className={styles.actions}>
          {adds === null ? null : (
            <Button variant="contained" onClick={onAdd}>
              Add new items only
            </Button>
          )}
          <Button onClick={onAsk}>Replace everything…</Button>
          <Button onClick={onCancel}>Cancel</Button>
        </div>
      )}
    </div>
  );
}
