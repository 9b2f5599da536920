'use client';
import { useLog } from '../log/useLog';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { doubtfulFlow } from '@/core/hydraulics/doubtfulFlow';
import { jugFlow } from '@/core/hydraulics/jugFlow';
import { turnover } from '@/core/hydraulics/turnover';
import { FLOW_BOUNDS, type FlowMoment, type LogEntry } from '@/core/log/logEntry';
import { netVolume } from '@/core/tank/netVolume';
import type { Tank } from '@/core/tank/tank';
import { boundsFault } from '@/core/units/bounds';
import { useWords } from '../fields/UnitsProvider';
import { ChoiceField } from '../fields/ChoiceField';
import { Quantity } from '../fields/Quantity';
import { QuantityField } from '../fields/QuantityField';
import { useKeys } from '../state/useKeys';
import { keepTimes, readKeptTimes } from './keptTimes';
import styles from './Stopwatch.module.css';

/** A kitchen jug, m³, until the keeper names their own. */
const USUAL_JUG = 2e-3;
/** Fillings that make a reading worth its spread. */
const USUAL_FILLINGS = 3;
const TICK_MS = 50;

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
  const flow = seconds.length === 0 ? null : jugFlow(jug, seconds);
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
      <output className={styles.result} aria-label="Flow">
        {flow === null ? (
          <span className="quiet">Fill the jug three times to get the flow and how exact it is.</span>
        ) : (
          <>
            <span className={styles.mean}>
              <Quantity value={{ kind: 'flow', si: flow.mean }} />
            </span>
            <span>
              {flow.spread === null
                ? 'one time only: not known how exact'
                : `±${words.show({ kind: 'flow', si: flow.spread })}`}
              {' · '}
              {words.show({ kind: 'turnover', si: turnover(flow.mean, netVolume(tank.water).value) })}
            </span>
            {seconds.length < USUAL_FILLINGS ? (
              <span className="quiet">{USUAL_FILLINGS - seconds.length} more would make it more exact.</span>
            ) : null}
          </>
        )}
      </output>
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
        disabled={flow === null || log.busy || running || isAsked}
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

/** A clock that starts and stops, by the time of day so that it can go on after a reload; tells the seconds when it stops. */
function useClock(begun: number | null, onStop: (seconds: number) => void) {
  const [start, setStart] = useState(begun);
  const [elapsed, setElapsed] = useState(0);
  const stop = useRef(onStop);
  useEffect(() => {
    stop.current = onStop;
  });
  useEffect(() => {
    if (start === null) return undefined;
    const timer = setInterval(() => setElapsed((Date.now() - start) / 1000), TICK_MS);
    return () => clearInterval(timer);
  }, [start]);
  const toggle = () => {
    const now = Date.now();
    if (start === null) {
      setElapsed(0);
      setStart(now);
      return;
    }
    const seconds = (now - start) / 1000;
    setElapsed(seconds);
    setStart(null);
    stop.current(seconds);
  };
  return { running: start !== null, elapsed, toggle, startedAt: start };
}
