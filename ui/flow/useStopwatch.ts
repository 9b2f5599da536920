'use client';
import { useEffect, useState } from 'react';
import { doubtfulFlow } from '@/core/hydraulics/doubtfulFlow';
import { FLOW_BOUNDS } from '@/core/log/logBounds';
import type { FlowMoment, LogEntry } from '@/core/log/logEntry';
import { boundsFault } from '@/core/units/bounds';
import { useLog } from '../log/useLog';
import { keepTimes, readKeptTimes } from './keptTimes';
import { useClock } from './useClock';

/** A kitchen jug, m³, until the keeper names their own. */
const USUAL_JUG = 2e-3;

interface Watched {
  /** Of the pumps together, m³/s: what the jug says is held against it. */
  readonly labelFlow: number;
  readonly filterId: string;
  readonly jobId: string | null;
  readonly onSaved: (entry: LogEntry) => void;
  /** False while the server draws the page: what a reload left is known in the browser only. */
  readonly inBrowser: boolean;
}

/**
 * A reading by jug: its fillings, the clock that times them, and its way into the log. Times that are not saved
 * yet are kept in this browser. A reading that the pump can hardly give is saved only once it was asked about.
 */
export function useStopwatch({ labelFlow, filterId, jobId, onSaved, inBrowser }: Watched) {
  const [kept] = useState(() => (inBrowser ? readKeptTimes(filterId, Date.now()) : null));
  const [jug, setJug] = useState(kept?.jug ?? USUAL_JUG);
  const [seconds, setSeconds] = useState<readonly number[]>(kept?.seconds ?? []);
  const [faults, setFaults] = useState<readonly string[]>([]);
  /** What was asked of the reading, as it was asked: another reading is asked anew. */
  const [asked, setAsked] = useState<string | null>(null);
  const log = useLog(filterId, jobId);
  const doubt = seconds.length === 0 ? null : doubtfulFlow(labelFlow, jug, seconds);
  const reading = JSON.stringify([jug, seconds]);
  const isAsked = doubt !== null && asked === reading;

  const add = (time: number): void => {
    const rounded = Math.round(time * 100) / 100;
    const fault = boundsFault(FLOW_BOUNDS.seconds, rounded);
    setFaults(fault === null ? [] : [`${fault} That press was not counted.`]);
    if (fault === null) setSeconds((before) => [...before, rounded]);
  };
  const clock = useClock(kept?.startedAt ?? null, add);
  const { startedAt } = clock;

  useEffect(() => {
    if (inBrowser) keepTimes(filterId, { jug, seconds, startedAt }, Date.now());
  }, [inBrowser, filterId, jug, seconds, startedAt]);

  const saveAnyway = async (moment: FlowMoment): Promise<void> => {
    const entry = await log.save({ kind: 'flow', moment, jugVolume: jug, seconds: [...seconds], note: '' });
    if (entry === null) return;
    setSeconds([]);
    setFaults([]);
    onSaved(entry);
  };

  return {
    jug,
    setJug,
    seconds,
    add,
    remove: (place: number): void => setSeconds(seconds.filter((_, index) => index !== place)),
    clock,
    /** What keeps a time or the reading from being taken, a line each. */
    faults: [...faults, ...log.faults],
    /** What is asked before the reading is saved; null while nothing is. */
    doubt: isAsked ? doubt : null,
    canSave: seconds.length > 0 && !log.busy && !clock.running,
    /** Saves the reading, or asks about it first. */
    save: (moment: FlowMoment): void => {
      if (doubt === null) void saveAnyway(moment);
      else setAsked(reading);
    },
    saveAnyway: (moment: FlowMoment): void => void saveAnyway(moment),
  };
}
