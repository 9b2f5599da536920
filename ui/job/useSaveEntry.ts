'use client';
import { useRef, useState } from 'react';
import type { LogEntry } from '@/core/log/logEntry';
import { isAnswered, send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** An entry without id and moment: they are added when it is saved. */
export type NewEntry = DistributiveOmit<LogEntry, 'id' | 'filterId' | 'jobId' | 'at'>;

/** Saves entries of the log as of now; one whose answer was lost is the same entry when it is saved again. */
export function useSaveEntry(filterId: string, jobId: string | null) {
  const identity = useRef<{ id: string; at: string } | null>(null);
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
    if (outcome.kind === 'saved') {
      setFaults([]);
      return outcome.value;
    }
    setFaults(outcomeFaults(outcome, 'What you entered is still here.'));
    return null;
  };
  return { save, faults, busy };
}
