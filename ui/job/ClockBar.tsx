'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Job } from '@/core/job/job';
import type { OutOfFlow } from '@/core/job/outOfFlow';
import {
  clockAdvice,
  filmSurvival,
  stopClock,
  startClock,
  secondsOutOfFlow,
  clockState,
} from '@/core/job/outOfFlowClock';
import { OUT_OF_FLOW_AIM } from '@/core/practice/outOfFlowAim';
import { useWords } from '../fields/UnitsProvider';
import { lazyPart, usePreload } from '../frame/lazyPart';
import type { Autosave } from '../state/useAutosave';
import { useNow } from '../state/useNow';
import styles from './ClockBar.module.css';
import { formatClock } from './formatClock';

// Loaded for media that are moved to another filter.
const ParkForm = lazyPart(() => import('./ParkForm').then((module) => module.ParkForm));

/** Milliseconds between two looks at the clock. */
const TICK_MS = 1000;

/** The clock of media out of flow: how long, what is left of the film, and where it is meanwhile. */
export function ClockBar({ job }: { job: Autosave<Job> }) {
  const words = useWords();
  const now = useNow(TICK_MS);
  const [parking, setParking] = useState(false);
  usePreload(ParkForm);
  const spans = job.doc.outOfFlow;
  const state = clockState(spans);
  const change = (update: (spans: OutOfFlow, at: string) => OutOfFlow) =>
    job.change((doc) => ({ ...doc, outOfFlow: update(doc.outOfFlow, new Date().toISOString()) }));

  if (state === 'not started') return null;

  const seconds = now === null ? null : secondsOutOfFlow(spans, now);
  const kept = seconds === null ? null : filmSurvival(seconds);
  const parkedIn = spans.at(-1)?.parkedIn ?? '';
  return (
    <section
      aria-label="Out of flow"
      className={styles.bar}
      data-late={state === 'running' && seconds !== null && seconds > OUT_OF_FLOW_AIM}
    >
      <span className={styles.time}>
        <span className="caption">media out of flow</span>{' '}
        <strong role="timer">{seconds === null ? '–' : formatClock(seconds)}</strong>
      </span>
      <span className={styles.gauge} aria-hidden="true">
        <span style={{ width: `${Math.min(100, (100 * (seconds ?? 0)) / (2 * OUT_OF_FLOW_AIM))}%` }} />
        <i title="an hour" />
      </span>
      <span>
        {kept === null ? '' : `about ${words.show({ kind: 'share', si: kept })} of the bacteria still alive`}
        {state === 'parked' ? `; media is in ${parkedIn}, clock stopped` : ''}
        {state === 'back' ? '; back in flow' : ''}
      </span>
      {seconds !== null && state === 'running' ? <span className="quiet">{clockAdvice(seconds)}</span> : null}
      <span className={styles.buttons}>
        {state === 'running' && !parking ? (
          <>
            <Button onClick={() => setParking(true)}>Moved to a running filter</Button>
            <Button onClick={() => change((list, at) => stopClock(list, at, ''))}>Back in flow</Button>
          </>
        ) : null}
        {state === 'running' && parking ? (
          <ParkForm
            onPark={(place) => {
              change((list, at) => stopClock(list, at, place));
              setParking(false);
            }}
            onCancel={() => setParking(false)}
          />
        ) : null}
        {state === 'running' ? null : (
          <Button onClick={() => change(startClock)}>Start the clock again</Button>
        )}
      </span>
    </section>
  );
}
