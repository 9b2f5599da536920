'use client';
import { useRef, useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { isAnswered, send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** An entry without id and moment: they are added when it is saved. */
export type NewEntry = DistributiveOmit<LogEntry, 'id' | 'filterId' | 'jobId' | 'at'>;

/** What a sheet does with a log, and how that goes. */
export interface LogActions {
  /** Saves an entry as of now; null: it could not be saved. */
  readonly save: (entry: NewEntry) => Promise<LogEntry | null>;
  /** False: it could not be deleted. */
  readonly remove: (entry: LogEntry) => Promise<boolean>;
  /** The entry that was deleted last, until it is brought back. */
  readonly removed: LogEntry | null;
  readonly restore: () => Promise<void>;
  readonly faults: readonly string[];
  readonly busy: boolean;
}

/**
 * Adds entries to the log of a filter, deletes them and brings back the one that was deleted last. An entry whose answer was
 * lost is the same entry when it is saved again.
 *
 * @param onChange what is no longer in the log, and what is now
 */
export function useLog(
  filterId: string,
  jobId: string | null,
  onChange: (gone: LogEntry | null, come: LogEntry | null) => void = () => undefined,
): LogActions {
  const identity = useRef<{ id: string; at: string } | null>(null);
  const [removed, setRemoved] = useState<LogEntry | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const save = async (entry: NewEntry): Promise<LogEntry | null> => {
    setBusy(true);
    identity.current ??= { id: crypto.randomUUID(), at: new Date().toISOString() };
    const outcome = await send<LogEntry>('POST', '/api/log', {
      ...entry,
      ...identity.current,
      filterId,
      jobId,
    });
    setBusy(false);
    if (isAnswered(outcome)) identity.current = null;
    if (outcome.kind !== 'saved') {
      setFaults(outcomeFaults(outcome, 'What you entered is still here.'));
      return null;
    }
    setFaults([]);
    onChange(null, outcome.value);
    return outcome.value;
  };
  const remove = async (entry: LogEntry): Promise<boolean> => {
    const outcome = await send('DELETE', `/api/log/${entry.id}`);
    if (outcome.kind !== 'saved') {
      setFaults(['The entry could not be deleted. Try again.']);
      return false;
    }
    setFaults([]);
    setRemoved(entry);
    onChange(entry, null);
    return true;
  };
  const restore = async (): Promise<void> => {
    if (removed === null) return;
    const outcome = await send('POST', '/api/log', removed);
    if (outcome.kind !== 'saved') return setFaults(['The entry could not be restored. Try again.']);
    setFaults([]);
    setRemoved(null);
    onChange(null, removed);
  };
  return { save, remove, removed, restore, faults, busy };
}
