'use client';
import Button from '@mui/material/Button';
import { useState, useSyncExternalStore } from 'react';
import { createPortal } from 'react-dom';
import { FLOW_BOUNDS } from '@/core/log/logBounds';
import type { FlowMoment, LogEntry } from '@/core/log/logEntry';
import { USUAL_FILLINGS } from '@/core/practice/usualFillings';
import type { Tank } from '@/core/tank/tank';
import { useWords } from '../fields/UnitsProvider';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { useKeys } from '../state/useKeys';
import { Fillings } from './Fillings';
import { FlowResult } from './FlowResult';
import styles from './Stopwatch.module.css';
import { TypedTime } from './TypedTime';
import { useStopwatch } from './useStopwatch';

interface Props {
  readonly tank: Tank;
  /** Of the pumps together, m³/s: what the jug says is held against it. */
  readonly labelFlow: number;
  readonly filterId: string;
  readonly jobId: string | null;
  readonly moment: FlowMoment;
  readonly onSaved: (entry: LogEntry) => void;
  /** Where the button that saves lies once a filling is timed; left out: under the fillings. */
  readonly saveIn?: HTMLElement | null;
  /** The page has another next step than to time the first filling. */
  readonly aside?: boolean;
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
  moment: firstMoment,
  saveIn,
  aside = false,
  ...watched
}: Props & { readonly inBrowser: boolean }) {
  const words = useWords();
  const [moment, setMoment] = useState(firstMoment);
  const { jug, setJug, seconds, add, remove, clock, faults, doubt, canSave, save, saveAnyway } =
    useStopwatch(watched);

  useKeys([
    {
      keys: 'Space',
      does: 'start and stop',
      matches: (event) => event.key === ' ' && !(event.target instanceof HTMLButtonElement),
      run: clock.toggle,
    },
  ]);

  // Filled is what to do next: time three fillings, then save them.
  const isNext = seconds.length === 0 ? !aside : seconds.length < USUAL_FILLINGS;
  const saves = (
    <Button
      variant={isNext ? 'outlined' : 'contained'}
      disabled={!canSave || doubt !== null}
      onClick={() => save(moment)}
    >
      Save reading
    </Button>
  );
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
      <button
        type="button"
        className={styles.button}
        data-running={clock.running}
        data-next={isNext}
        onClick={clock.toggle}
      >
        <span className={styles.time} aria-hidden="true">
          {words.number(clock.elapsed, 1)}
          <small> s</small>
        </span>
        <span className={styles.word}>
          {clock.running
            ? 'Stop at the mark'
            : seconds.length === 0
              ? 'Start'
              : `Start filling ${seconds.length + 1}`}
        </span>
      </button>
      <Fillings jug={jug} seconds={seconds} onRemove={remove} />
      <TypedTime onAdd={add} />
      <FlowResult tank={tank} jug={jug} seconds={seconds} />
      {faults.length === 0 ? null : (
        <ul role="alert">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      {doubt === null ? null : (
        <div role="alert" className={styles.doubt}>
          <p>{words.say(doubt)}</p>
          <Button onClick={() => saveAnyway(moment)} disabled={!canSave}>
            Save it all the same
          </Button>
        </div>
      )}
      {saveIn === undefined
        ? saves
        : saveIn === null || seconds.length === 0
          ? null
          : createPortal(saves, saveIn)}
    </section>
  );
}
