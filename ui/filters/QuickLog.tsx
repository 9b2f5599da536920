'use client';
import { useState } from 'react';
import { useLog } from '../log/useLog';
import styles from './FiltersSheet.module.css';

/** One press on home: the filter was looked at, and all is well. */
export function QuickLog({ filterId, name }: { readonly filterId: string; readonly name: string }) {
  const { save, faults, busy } = useLog(filterId, null);
  const [logged, setLogged] = useState(false);
  return (
    <>
      <button
        type="button"
        className={styles.quick}
        disabled={busy || logged}
        aria-label={`Log “all well” for ${name}`}
        onClick={() =>
          void save({ kind: 'look', seen: ['all well'], note: '' }).then((entry) => setLogged(entry !== null))
        }
      >
        {logged ? 'Logged: all well' : 'All well'}
      </button>
      {faults.map((fault) => (
        <span key={fault} role="alert">
          {fault}
        </span>
      ))}
    </>
  );
}
