'use client';
import { useState } from 'react';
import { useKeys, type Shortcut } from '../state/useKeys';
import headButton from './HeadButton.module.css';
import styles from './KeyHelp.module.css';

/** Listens for a screen's shortcuts and lists them on `?`, in a panel beside the work. */
export function KeyHelp({ shortcuts }: { shortcuts: readonly Shortcut[] }) {
  const [open, setOpen] = useState(false);
  const own: Shortcut[] = [
    {
      keys: '?',
      does: 'show or hide this list',
      matches: (event) => event.key === '?',
      run: () => setOpen((was) => !was),
    },
    {
      keys: 'Esc',
      does: 'close the open part',
      matches: (event) => open && event.key === 'Escape',
      run: () => setOpen(false),
    },
  ];
  const all = [...shortcuts, ...own];
  useKeys(all);
  return (
    <>
      <button
        type="button"
        className={headButton.button}
        aria-label="Keyboard"
        aria-expanded={open}
        title="Keyboard (?)"
        onClick={() => setOpen((was) => !was)}
      >
        <span aria-hidden="true" className={styles.mark}>
          ?
        </span>
      </button>
      {open ? (
        <aside className={styles.panel} aria-label="Keyboard">
          <h2 className={styles.heading}>Keyboard</h2>
          <dl className={styles.list}>
            {all.map((shortcut) => (
              <div key={shortcut.keys} className={styles.row}>
                <dt className={styles.keys}>{shortcut.keys}</dt>
                <dd>{shortcut.does}</dd>
              </div>
            ))}
          </dl>
        </aside>
      ) : null}
    </>
  );
}
