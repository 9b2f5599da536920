'use client';
import Button from '@mui/material/Button';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { doubtfulFlow } from '@/core/hydraulics/doubtfulFlow';
import { FLOW_BOUNDS, type FlowMoment, type LogEntry } from '@/core/log/logEntry';
import type { Tank } from '@/core/tank/tank';
import { boundsFault } from '@/core/units/bounds';
import { useWords } from '../fields/UnitsProvider';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { useLog } from '../log/useLog';
import { useKeys } from '../state/useKeys';
import { FlowResult } from './FlowResult';
import { keepTimes, readKeptTimes } from './keptTimes';
import styles from './Stopwatch.module.css';
import { useClock } from './useClock';

/** A kitchen jug, m³, until the keeper names their own. */
const USUAL_JUG = 2e-3;

interface Props {
  readonly tank: Tank;
  /** Of the pumps together, m³/s: what the jug says is held against it. */
  readonly labelFlow: number;
  readonly filterId: string;
  readonly jobId: string | null;
  readonly moment: FlowMoment;
  readonly onSaved: (entry: LogEntry) => void;
}

/** Hold a jug under the outlet, press when it starts and when it is at the mark, three times. */
export function Stopwatch(props: Props) {
  const inBrowser = useSyncExternalStore(
    () => () => undefined,
    () => true,
    () => false,
  );
  // Begun anew in the browser: only there are the times known that a reload left.
  return <Watch key={String(inBrowser)} inBrowser={inBrowser} {...props} />;
}

function Watch({
  tank,
  labelFlow,
  filterId,
  jobId,
  moment: firstMoment,
  onSaved,
  inBrowser,
}: Props & { readonly inBrowser: boolean }) {
  const words = useWords();
  const [kept] = useState(() => (inBrowser ? readKeptTimes(filterId, Date.now()) : null));
  const [jug, setJug] = useState(kept?.jug ?? USUAL_JUG);
  const [moment, setMoment] = useState(firstMoment);
  const [seconds, setSeconds] = useState<readonly number[]>(kept?.seconds ?? []);
  const [typed, setTyped] = useState<number | null>(null);
  const [typings, setTypings] = useState(0);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const log = useLog(filterId, jobId);
  const allFaults = [...faults, ...log.faults];
  const doubt = seconds.length === 0 ? null : doubtfulFlow(labelFlow, jug, seconds);
  /** What was asked of the reading, as it was asked: another reading is asked anew. */
  const [asked, setAsked] = useState<string | null>(null);
  const reading = JSON.stringify([jug, seconds]);
  const isAsked = doubt !== null && asked === reading;

  const add = (time: number) => {
    const rounded = Math.round(time * 100) / 100;
    const fault = boundsFault(FLOW_BOUNDS.seconds, rounded);
    setFaults(fault === null ? [] : [`${fault} That press was not counted.`]);
    if (fault === null) setSeconds((before) => [...before, rounded]);
  };

  const { running, elapsed, toggle, startedAt } = useClock(kept?.startedAt ?? null, add);

  useEffect(() => {
    if (inBrowser) keepTimes(filterId, { jug, seconds, startedAt }, Date.now());
  }, [inBrowser, filterId, jug, seconds, startedAt]);

  useKeys([
    {
      keys: 'Space',
      does: 'start and stop',
      matches: (event) => event.key === ' ' && !(event.target instanceof HTMLButtonElement),
      run: toggle,
    },
  ]);

  const save = async () => {
    const entry = await log.save({ kind: 'flow', moment, jugVolume: jug, seconds: [...seconds], note: '' });
    if (entry === null) return;
    setSeconds([]);
    setFaults([]);
    onSaved(entry);
  };

  return (
    <section aria-label="Stopwatch" className={styles.watch}>
      <div className={styles.fields}>
        <QuantityField
          label="Jug, up to its mark"
          bounds={FLOW_BOUNDS.jugVolume}
          value={jug}
          onChange={(si) => si !== null && setJug(si)}
        />
        <ChoiceField<FlowMoment>
          label="When measured"
          value={moment}
          choices={[
            { value: 'between', label: 'between services' },
            { value: 'before strip', label: 'before stripping' },
            { value: 'clean', label: 'just packed, clean' },
          ]}
          onChange={setMoment}
        />
      </div>
      <button type="button" className={styles.button} data-running={running} onClick={toggle}>
        <span className={styles.time} aria-hidden="true">
          {words.number(elapsed, 1)}
          <small> s</small>
        </span>
        <span className={styles.word}>
          {running
            ? 'Stop at the mark'
            : seconds.length === 0
              ? 'Start'
              : `Start filling ${seconds.length + 1}`}
        </span>
      </button>
      <ol className={styles.fillings} aria-label="Times">
        {seconds.map((time, place) => (
          <li key={`${place} ${time}`} className={styles.filling}>
            <span className={styles.number}>{place + 1}</span>
            <span className="figure">{words.show({ kind: 'time', si: time }, 1)}</span>
            <span className="figure">{words.show({ kind: 'flow', si: jug / time })}</span>
            <button
              type="button"
              className={styles.remove}
              aria-label={`Delete time ${place + 1}`}
              onClick={() => setSeconds(seconds.filter((_, index) => index !== place))}
            >
              Delete
            </button>
          </li>
        ))}
      </ol>
      <div className={styles.typed}>
        <QuantityField
          key={typings}
          label="Or type the time"
          optional
          bounds={FLOW_BOUNDS.seconds}
          value={typed}
          onChange={setTyped}
          onKeyDown={(event) => event.key === 'Enter' && enter()}
        />
        <Button disabled={typed === null} onClick={enter}>
          Add
        </Button>
      </div>
      <FlowResult tank={tank} jug={jug} seconds={seconds} />
      {allFaults.length === 0 ? null : (
        <ul role="alert">
          {allFaults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      {isAsked ? (
        <div role="alert" className={styles.doubt}>
          <p>{words.say(doubt)}</p>
          <Button onClick={() => void save()} disabled={log.busy || running}>
            Save it all the same
          </Button>
        </div>
      ) : null}
      <Button
        variant="contained"
        disabled={seconds.length === 0 || log.busy || running || isAsked}
        onClick={() => (doubt === null ? void save() : setAsked(reading))}
      >
        Save reading
      </Button>
    </section>
  );

  function enter() {
    if (typed === null) return;
    add(typed);
    setTyped(null);
    setTypings((count) => count + 1);
  }
}
