'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { useMemo, useState, type ReactNode } from 'react';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { cautions } from '@/core/job/cautions';
import type { Job, PackedStep } from '@/core/job/job';
import type { LogEntry } from '@/core/job/logEntry';
import { packingSteps, type PackingStep } from '@/core/job/packingSteps';
import { evaluatePack, type Surroundings } from '@/core/report/evaluatePack';
import type { Pack } from '@/core/pack/pack';
import { flowState } from '@/core/service/flowState';
import type { Tank } from '@/core/tank/tank';
import type { Stored } from '@/store/documentTable';
import { useWords } from '../fields/Habits';
import { Swatch } from '../drawing/Swatch';
import { ClockBar } from '../job/ClockBar';
import { Stopwatch } from '../flow/Stopwatch';
import { Cautions } from '../frame/Cautions';
import { Frame } from '../frame/Frame';
import { SaveStatus } from '../frame/SaveStatus';
import { stageLinks } from '../frame/stageLinks';
import { useAutosave } from '../state/useAutosave';
import { Vessel } from '../vessel/Vessel';
import { Deviation } from './Deviation';
import { FinishJob } from './FinishJob';
import styles from './RepackSheet.module.css';

interface Props {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly job: Stored<Job>;
  readonly planned: Pack;
  readonly log: readonly LogEntry[];
}

const VESSEL_ROOM = { width: 340, height: 300 };

/** The packing list in hand order, one large step at a time, for one wet knuckle or the space bar. */
export function RepackSheet({ around, filter, job, planned, log: storedLog }: Props) {
  const words = useWords();
  const save = useAutosave('job', job);
  const [log, setLog] = useState(storedLog);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const report = useMemo(
    () => evaluatePack({ ...around, filter, layers: planned.layers, flow: null }),
    [around, filter, planned],
  );
  const steps = useMemo(() => packingSteps(filter, planned.layers, report), [filter, planned, report]);
  const packed = new Map(save.doc.packed.map((step) => [step.layerId, step]));
  const next = steps.find((step) => !packed.has(step.layerId)) ?? null;
  const current = steps.find((step) => step.layerId === chosenId) ?? next;
  const done = steps.filter((step) => packed.has(step.layerId)).length;

  const put = (step: PackedStep) =>
    save.change((doc) => ({
      ...doc,
      packed: [...doc.packed.filter((item) => item.layerId !== step.layerId), step],
    }));
  const tick = (step: PackingStep) => {
    if (!packed.has(step.layerId))
      put({ layerId: step.layerId, at: new Date().toISOString(), thickness: null, mass: null, note: '' });
    setChosenId(null);
  };
  const untick = (layerId: string) =>
    save.change((doc) => ({
      ...doc,
      packed: doc.packed.filter((candidate) => candidate.layerId !== layerId),
    }));
  const back = () => {
    const last = save.doc.packed.at(-1);
    if (last !== undefined) untick(last.layerId);
    setChosenId(null);
  };

  return (
    <Frame
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, save.doc, 'repack')}
      linksLabel="Stages"
      shortcuts={[
        {
          keys: 'Space',
          does: current === null ? 'start and stop the watch' : 'this layer is in',
          matches: (event) =>
            event.key === ' ' && current !== null && !(event.target instanceof HTMLButtonElement),
          run: () => current !== null && tick(current),
        },
        {
          keys: 'Backspace',
          does: 'untick the last layer',
          matches: (event) => event.key === 'Backspace',
          run: back,
        },
      ]}
      status={<SaveStatus saves={[save]} />}
    >
      <ClockBar job={save} />
      <div
        className={styles.progress}
        role="progressbar"
        aria-label="Layers in"
        aria-valuenow={done}
        aria-valuemin={0}
        aria-valuemax={steps.length}
      >
        <div style={{ width: `${(100 * done) / Math.max(1, steps.length)}%` }} />
      </div>
      <div className={styles.sheet}>
        <section aria-label="Packing list" className={styles.list}>
          <h2 className={`caption ${styles.heading}`}>
            Into the filter in this order · {done} of {steps.length} in
          </h2>
          <ol>
            {steps.map((step, index) => (
              <ListRow
                key={step.layerId}
                step={step}
                number={index + 1}
                packed={packed.get(step.layerId)}
                current={step === current}
                onTick={(on) => (on ? tick(step) : untick(step.layerId))}
                onChoose={() => setChosenId(step.layerId)}
              />
            ))}
          </ol>
          <p className={styles.sum}>
            {words.show({ kind: 'volume', si: report.totals.volume })} of media,{' '}
            {words.show({ kind: 'mass', si: report.totals.dryMass })} dry
          </p>
          <div className={styles.print} data-print="no">
            <Button onClick={() => window.print()}>Print the list</Button>
          </div>
        </section>
        <section aria-label="This step" className={styles.step} data-print="no">
          {current === null ? (
            <Closing
              tank={around.tank}
              filter={filter}
              job={save.doc}
              log={log}
              onSaved={(entry) => setLog([...log, entry])}
              finish={<FinishJob job={save} onBack={back} />}
            />
          ) : (
            <>
              <p className={styles.count}>
                step {steps.indexOf(current) + 1} of {steps.length}
              </p>
              <h2 className={styles.title}>{current.medium.name}</h2>
              <p className={styles.place}>{current.place}</p>
              <p className={styles.place}>{words.say(current.size)}</p>
              {current.hints.map((hint) => (
                <p key={hint} className={styles.hint}>
                  {hint}
                </p>
              ))}
              <div className={styles.vessel}>
                <Vessel
                  filter={filter}
                  layers={planned.layers}
                  report={report}
                  room={VESSEL_ROOM}
                  selectedId={current.layerId}
                  present={new Set([...packed.keys(), current.layerId])}
                />
              </div>
              <div className={styles.minor}>
                <Button onClick={back} disabled={done === 0}>
                  Back
                </Button>
                <Deviation
                  key={current.layerId}
                  step={current}
                  packed={packed.get(current.layerId)}
                  planned={planned}
                  onPut={put}
                />
              </div>
              <button type="button" className={styles.done} onClick={() => tick(current)}>
                <strong>Done</strong>
                <span>press here, or the space bar</span>
              </button>
            </>
          )}
        </section>
      </div>
    </Frame>
  );
}

interface RowProps {
  readonly step: PackingStep;
  readonly number: number;
  readonly packed: PackedStep | undefined;
  readonly current: boolean;
  readonly onTick: (on: boolean) => void;
  readonly onChoose: () => void;
}

function ListRow({ step, number, packed, current, onTick, onChoose }: RowProps) {
  const words = useWords();
  return (
    <li className={styles.row} data-current={current} data-packed={packed !== undefined}>
      <Checkbox
        checked={packed !== undefined}
        onChange={(_, on) => onTick(on)}
        slotProps={{ input: { 'aria-label': `${number}: ${step.medium.name} is in` } }}
        className={styles.tick}
      />
      <button
        type="button"
        className={styles.choose}
        aria-current={current ? 'step' : undefined}
        onClick={onChoose}
      >
        <span className={styles.number}>{number}</span>
        <Swatch medium={step.medium} width={34} height={26} />
        <span>
          <span className={styles.name}>{step.medium.name}</span>
          <span className={styles.where}>
            {step.place} {words.say(step.size)}
            {packed?.note ? ` ${packed.note}` : ''}
          </span>
        </span>
      </button>
    </li>
  );
}

interface ClosingProps {
  readonly tank: Tank;
  readonly filter: Filter;
  readonly job: Job;
  readonly log: readonly LogEntry[];
  readonly onSaved: (entry: LogEntry) => void;
  readonly finish: ReactNode;
}

/** All is in: close up, time the flow again, and write it down. */
function Closing({ tank, filter, job, log, onSaved, finish }: ClosingProps) {
  const words = useWords();
  const flow = flowState(log);
  const own = flow.readings
    .filter((reading) => reading.jobId === job.id && reading.moment === 'clean')
    .at(-1);
  const before = flow.readings.filter((reading) => reading !== own).at(-1);
  return (
    <div className={styles.closing}>
      <h2 className={styles.title}>All layers are in. Close the filter, prime it and measure its flow.</h2>
      <Cautions lines={cautions(filter, [], 'closing')} />
      {own === undefined ? (
        <Stopwatch tank={tank} filterId={filter.id} jobId={job.id} moment="clean" onSaved={onSaved} />
      ) : (
        <p className={styles.timed}>
          Clean flow <strong>{words.show({ kind: 'flow', si: own.flow.mean })}</strong>
          {before === undefined ? '' : `, before ${words.show({ kind: 'flow', si: before.flow.mean })}`}.
        </p>
      )}
      {finish}
    </div>
  );
}
