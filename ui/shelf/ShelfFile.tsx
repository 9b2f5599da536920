'use client';
import { MAX_FAULTS } from '../files/maxFaults';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { MAX_ITEMS } from '@/core/shelf/shelfBounds';
import type { Shelf, ShelfItem } from '@/core/shelf/shelf';
import type { ShelfCsv } from '@/formats/shelfCsv';
import { saveText } from '../state/saveText';
import styles from './ShelfSheet.module.css';

interface Props {
  readonly shelf: Shelf;
  readonly onAdd: (items: readonly ShelfItem[]) => void;
}

/** The shelf as CSV, out and in: a file says what it would add before it adds it. */
export function ShelfFile({ shelf, onAdd }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<ShelfCsv | null>(null);
  const choose = async (file: File | undefined) => {
    if (file === undefined) return;
    // Loaded when it is wanted: few shelves come from a file.
    const { readShelfCsv } = await import('@/formats/shelfCsv');
    setRead(readShelfCsv(await file.text(), () => `csv-${crypto.randomUUID()}`));
  };
  const save = async () => {
    const { writeShelfCsv } = await import('@/formats/shelfCsv');
    saveText('shelf.csv', writeShelfCsv(shelf), 'text/csv');
  };
  const room = MAX_ITEMS - shelf.items.length;
  return (
    <section aria-label="Shelf as a file" className={styles.kind}>
      <div className={styles.head}>
        <h2 className="title">Spreadsheet (CSV)</h2>
        <Button onClick={() => void save()}>Save as CSV</Button>
        <Button onClick={() => input.current?.click()}>Add from CSV</Button>
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv"
          aria-label="CSV file"
          className="unseen"
          onChange={(event) => {
            void choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </div>
      {read === null ? null : (
        <div role="status">
          {read.faults.length === 0 ? null : (
            <ul className={styles.faults}>
              {read.faults.slice(0, MAX_FAULTS).map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
              {read.faults.length > MAX_FAULTS ? <li>and {read.faults.length - MAX_FAULTS} more.</li> : null}
            </ul>
          )}
          {read.items.length > room ? (
            <p className={styles.faults}>The shelf has space for only {room} more items.</p>
          ) : null}
          <p>
            {read.items.length === 0
              ? 'Nothing can be added.'
              : `The file adds ${read.items.length} ${read.items.length === 1 ? 'item' : 'items'}. Items already on the shelf stay.`}
          </p>
          <Button
            disabled={read.items.length === 0 || read.items.length > room}
            onClick={() => {
              onAdd(read.items);
              setRead(null);
            }}
          >
            Add to the shelf
          </Button>
          <Button onClick={() => setRead(null)}>Cancel</Button>
        </div>
      )}
    </section>
  );
}
