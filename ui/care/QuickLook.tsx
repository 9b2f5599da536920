'use client';
import { useState } from 'react';
import { quickCheckAdvice, type LookAdvice } from '@/core/care/quickCheckAdvice';
import type { Filter } from '@/core/filter/filter';
import type { LogEntry } from '@/core/log/logEntry';
import { QUICK_CHECKS, type Look } from '@/core/log/serviceWorks';
import { upperFirst } from '@/core/units/firstLetter';
import { AppLink } from '../frame/AppLink';
import { useLog } from '../log/useLog';
import styles from './QuickLook.module.css';

interface Props {
  readonly filter: Filter;
  readonly log: readonly LogEntry[];
  /** A look was logged, or taken out again. */
  readonly onLog: (before: LogEntry | null, after: LogEntry | null) => void;
}

/** What is seen most often; the rest stand behind one press. */
const USUAL: readonly Look[] = ['all well', 'only a trickle', 'cloudy water'];

/** What one sees at a glance, logged in one press, with what to make of it. */
export function QuickLook({ filter, log, onLog }: Props) {
  const { save, remove, faults, busy } = useLog(filter.id, null, onLog);
  const [all, setAll] = useState(false);
  const [logged, setLogged] = useState<LogEntry | null>(null);
  const [advice, setAdvice] = useState<LookAdvice | null>(null);
  const looks = QUICK_CHECKS.filter(
    (seen) => (all || USUAL.includes(seen)) && (seen !== 'level high' || filter.spill !== null),
  );
  const look = async (seen: Look) => {
    const entry = await save({ kind: 'look', seen: [seen], note: '' });
    if (entry === null) return;
    setLogged(entry);
    setAdvice(quickCheckAdvice(seen, log, entry.at));
  };
  const undo = async () => {
    if (logged === null) return;
    await remove(logged);
    setLogged(null);
    setAdvice(null);
  };
  return (
    <section aria-label="Quick look" className={styles.part}>
      <h2 className={styles.title}>Quick look</h2>
      <div className={styles.looks}>
        {looks.map((seen) => (
          <button
            key={seen}
            type="button"
            disabled={busy}
            className={styles.look}
            onClick={() => void look(seen)}
          >
            {upperFirst(seen)}
          </button>
        ))}
        {all ? null : (
          <button type="button" className={styles.look} onClick={() => setAll(true)}>
            More…
          </button>
        )}
      </div>
      <p role="status">
        {logged?.kind !== 'look' ? null : (
          <>
            Logged: {logged.seen.join(', ')}.{' '}
            <button type="button" className={styles.undo} onClick={() => void undo()}>
              Undo
            </button>
          </>
        )}
      </p>
      {faults.map((fault) => (
        <p key={fault} role="alert">
          {fault}
        </p>
      ))}
      {advice === null ? null : (
        <p className={styles.advice}>
          {advice.says}{' '}
          {advice.symptom === null ? null : (
            <AppLink href={`/filter/${filter.id}/fault`}>Find a fault</AppLink>
          )}
        </p>
      )}
    </section>
  );
}
