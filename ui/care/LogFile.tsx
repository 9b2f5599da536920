'use client';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { LARGEST_CSV, LARGEST_CSV_WORDS } from '@/formats/fileLimits';
import type { OpenedCsv } from '@/workers/logCsvWorker';
import { useWords } from '../fields/UnitsProvider';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './LogFile.module.css';
import { LogFileMapping } from './LogFileMapping';
import { openLogCsv, type OpenLogCsv } from './openLogCsv';

interface Props {
  readonly filterId: string;
  readonly nameOf: (layerId: string) => string | null;
  /** Entries were added, or taken out again. */
  readonly onChanged: (added: readonly LogEntry[], removed: readonly LogEntry[]) => void;
}

interface Open extends OpenLogCsv {
  readonly name: string;
  readonly file: OpenedCsv;
}

/** The log as CSV, out and in: a file is read as its columns are meant, and says what it would add before it adds it. */
export function LogFile({ filterId, nameOf, onChanged }: Props) {
  const words = useWords();
  const input = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState<Open | null>(null);
  const [said, setSaid] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [added, setAdded] = useState<readonly LogEntry[]>([]);
  useEffect(() => () => open?.close(), [open]);

  const choose = async (file: File | undefined) => {
    if (file === undefined) return;
    setOpen(null);
    setFault(null);
    setAdded([]);
    if (file.size > LARGEST_CSV)
      return setFault(`The file is larger than ${LARGEST_CSV_WORDS}. Split it and add one part at a time.`);
    setSaid('Reading the file.');
    const csv = openLogCsv();
    try {
      const opened = await csv.remote.open(new Uint8Array(await file.arrayBuffer()));
      setSaid('');
      if (opened.rows === 0) {
        csv.close();
        return setFault('The file has no rows below its headings. Choose another one.');
      }
      setOpen({ ...csv, name: file.name, file: opened });
    } catch {
      csv.close();
      setSaid('');
      setFault('The file could not be read. Save it as CSV again, then try again.');
    }
  };
  const add = async (entries: readonly LogEntry[]) => {
    const outcome = await send<{ added: readonly string[] }>('POST', `/api/filters/${filterId}/log`, {
      entries,
    });
    if (outcome.kind !== 'saved') return setFault(outcomeFaults(outcome, 'Nothing was added.').join(' '));
    const ids = new Set(outcome.value.added);
    const isIn = entries.filter(({ id }) => ids.has(id));
    setOpen(null);
    setFault(null);
    setAdded(isIn);
    setSaid(
      isIn.length === 1
        ? 'Added 1 entry to the log.'
        : `Added ${words.number(isIn.length, 0)} entries to the log.`,
    );
    onChanged(isIn, []);
  };
  const undo = async () => {
    const outcome = await send('DELETE', `/api/filters/${filterId}/log`, { ids: added.map(({ id }) => id) });
    if (outcome.kind !== 'saved') return setFault('The entries could not be removed. Try again.');
    onChanged([], added);
    setAdded([]);
    setSaid('The entries were removed from the log.');
  };
  return (
    <section aria-label="Log as a file" className={styles.part}>
      <h2 className="title">Spreadsheet (CSV)</h2>
      <div className={styles.actions}>
        <Button href={`/api/filters/${filterId}/csv`} download>
          Save the log as CSV
        </Button>
        <Button onClick={() => input.current?.click()}>Add entries from CSV</Button>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,text/csv"
          aria-label="CSV file with a log"
          className="unseen"
          onChange={(event) => {
            void choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </div>
      <p role="status">
        {said} {added.length === 0 ? null : <Button onClick={() => void undo()}>Undo</Button>}
      </p>
      {fault === null ? null : <p role="alert">{fault}</p>}
      {open === null ? null : (
        <LogFileMapping
          key={open.name}
          {...{ filterId, nameOf }}
          name={open.name}
          remote={open.remote}
          file={open.file}
          onAdd={(entries) => void add(entries)}
          onCancel={() => setOpen(null)}
        />
      )}
    </section>
  );
}
