'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useRef, useState, type MouseEvent } from 'react';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import type { Job, PackedStep } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import { startClock, stopClock } from '@/core/job/outOfFlowClock';
import { isTicked, layerKey, tickOf, withTick } from '@/core/job/ticks';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import { reportAsPacked } from '@/core/repack/reportAsPacked';
import { planChanges } from '@/core/repack/planChanges';
import { repackSteps } from '@/core/repack/repackSteps';
import { PHASE_WORDS, type RepackStep } from '@/core/repack/repackStep';
import { FOOT_STEP_KEY, stepContext } from '@/core/repack/stepContext';
import { evaluatePack, type Surroundings } from '@/core/report/evaluatePack';
import { flowState } from '@/core/service/flowState';
import type { Stored } from '@/store/documentTable';
import { useIsPhone } from '../drawing/useIsPhone';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { PageLayout } from '../frame/PageLayout';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { SaveStatus } from '../frame/SaveStatus';
import { stageLinks } from '../frame/stageLinks';
import { ClockBar } from '../job/ClockBar';
import { useAutosave } from '../state/useAutosave';
import { Vessel } from '../vessel/Vessel';
import { FullScreen } from './FullScreen';
import { StepList } from './StepList';
import { StepTimer } from './StepTimer';
import { useJobNews } from './useJobNews';
import { useOffline, type Offline } from './useOffline';
import { useWakeLock } from './useWakeLock';
import styles from './RepackSheet.module.css';

interface Props {
  readonly around: Surroundings;
  readonly filter: Stored<Filter>;
  readonly job: Stored<Job>;
  /** Layers as they came out, or in the box of a new filter. */
  readonly found: readonly Layer[];
  readonly planned: Pack;
  readonly log: readonly LogEntry[];
  /** ISO moment at which the page was drawn. */
  readonly now: string;
}

const Stopwatch = lazyPart(() => import('../flow/Stopwatch').then((module) => module.Stopwatch));
const Deviation = lazyPart(() => import('./Deviation').then((module) => module.Deviation));
const FinishJob = lazyPart(() => import('./FinishJob').then((module) => module.FinishJob));
const HoldsPart = lazyPart(() => import('./HoldsPart').then((module) => module.HoldsPart));
const FlowAfterPart = lazyPart(() => import('./FlowAfterPart').then((module) => module.FlowAfterPart));

/** The drawing: beside the step at a desk, under it on a phone. */
const VESSEL_ROOM = { desk: { width: 320, height: 470 }, phone: { width: 340, height: 185 } } as const;
/** What is pressed for itself, and not for the step. */
const OWN_PRESS = 'a, button, input, textarea, select, label, summary, form';
const END_ANCHOR = 'end';
/** Steps with which the mature media leave the flow and come back to it. */
const OUT_OF_FLOW = 'open/keep wet';
const BACK_IN_FLOW = 'start/power on';

/** A repack, one large step at a time: for one wet knuckle, the space bar, or a tap on the lower half. */
export function RepackSheet({
  around,
  filter: storedFilter,
  job,
  found,
  planned,
  log: storedLog,
  now,
}: Props) {
  const words = useWords();
  const filterSave = useAutosave('filter', storedFilter);
  const filter = filterSave.doc;
  const save = useAutosave('job', job);
  useJobNews(save);
  const offline = useOffline(
    `/filter/${filter.id}/repack`,
    save.state.kind === 'saved' ? save.state.at : null,
  );
  usePreload(Stopwatch, Deviation, FinishJob, HoldsPart, FlowAfterPart);
  const isPhone = useIsPhone();
  const awake = useWakeLock(save.doc.stage === 'repack');
  const [log, setLog] = useServerState(storedLog);
  const [chosenKey, setChosenKey] = useState<string | null>(null);
  const [showsList, setShowsList] = useState(false);
  const { ticks, packed, parts } = save.doc;
  const { layers } = planned;
  // What lay in the box of a new filter was not in it.
  const isFirstPack = job.doc.occasion === 'first pack';
  const wereIn = useMemo(() => (isFirstPack ? [] : found), [isFirstPack, found]);

  const report = useMemo(
    () => evaluatePack({ ...around, filter, layers, flow: null, found: wereIn, parts }),
    [around, filter, layers, wereIn, parts],
  );
  const steps = useMemo(
    () =>
      repackSteps(
        stepContext({ around, filter, job: save.doc, found, planned: layers, report }, now, (moment) =>
          words.date(moment, { day: 'numeric', month: 'long' }),
        ),
      ),
    [around, filter, save.doc, found, layers, report, now, words],
  );
  const went = useMemo(
    () => reportAsPacked(filter, layers, packed, report, around, wereIn),
    [filter, layers, packed, report, around, wereIn],
  );
  const changes = planChanges(filter, layers, packed);
  const isDone = ({ key, layerId }: RepackStep): boolean =>
    layerId === null ? isTicked(ticks, key) : packed.some((step) => step.layerId === layerId);
  const next = steps.find((step) => !isDone(step)) ?? null;
  const current = chosenKey === END_ANCHOR ? null : (steps.find(({ key }) => key === chosenKey) ?? next);
  const at = current === null ? steps.length : steps.indexOf(current);
  const done = steps.filter(isDone).length;
  const layerSteps = steps.filter(({ layerId }) => layerId !== null);
  const layersIn = layerSteps.filter(isDone).length;

  const put = (step: PackedStep) =>
    save.change((doc) => ({
      ...doc,
      packed: [...doc.packed.filter((item) => item.layerId !== step.layerId), step],
      ticks: withTick(doc.ticks, { key: layerKey(step.layerId), done: true, at: step.at }),
    }));
  const setTick = (key: string, on: boolean) => {
    // The foot is in again: the water level and Measure go by it.
    if (key === FOOT_STEP_KEY) {
      const foot = on ? 'in' : 'missing';
      filterSave.change((doc) => (doc.spill === null ? doc : { ...doc, spill: { ...doc.spill, foot } }));
    }
    save.change((doc) => {
      const moment = new Date().toISOString();
      const ticked = { ...doc, ticks: withTick(doc.ticks, { key, done: on, at: moment }) };
      // The clock of the mature media follows the hands.
      if (on && key === OUT_OF_FLOW) return { ...ticked, outOfFlow: startClock(doc.outOfFlow, moment) };
      if (on && key === BACK_IN_FLOW) return { ...ticked, outOfFlow: stopClock(doc.outOfFlow, moment, '') };
      return ticked;
    });
  };
  const takeOut = (layerId: string) =>
    save.change((doc) => ({
      ...doc,
      packed: doc.packed.filter((item) => item.layerId !== layerId),
      ticks: withTick(doc.ticks, { key: layerKey(layerId), done: false, at: new Date().toISOString() }),
    }));
  const tick = (step: RepackStep, on: boolean) => {
    if (step.layerId === null) setTick(step.key, on);
    else if (!on) takeOut(step.layerId);
    else if (!isDone(step))
      put({
        layerId: step.layerId,
        at: new Date().toISOString(),
        thickness: null,
        mass: null,
        note: '',
      });
  };
  /** Where the hands go on: the next step of the list that is not done, else the first that is not. */
  const goOn = () => {
    if (current === null) return;
    if (!isDone(current)) tick(current, true);
    const after = steps.slice(at + 1).find((step) => !isDone(step));
    const left = steps.find((step) => step !== current && !isDone(step));
    setChosenKey(after?.key ?? left?.key ?? END_ANCHOR);
  };
  const goTo = (place: number) => setChosenKey(steps[Math.max(0, place)]?.key ?? END_ANCHOR);
  const back = () => goTo(at - 1);

  const readings = useMemo(() => flowState(log).readings, [log]);
  const ownFlow = readings.filter(({ jobId, moment }) => jobId === save.doc.id && moment === 'clean').at(-1);
  const before = readings.filter((reading) => reading !== ownFlow).at(-1)?.flow.mean ?? null;
  const flowAfter =
    ownFlow === undefined ? null : (
      <FlowAfterPart
        filter={filter}
        packed={went.layers}
        found={found}
        celsius={around.tank.temperature}
        measured={ownFlow.flow.mean}
        before={before}
      />
    );

  // A step begins at its top, and the keys are its own: what was pressed before is not pressed again.
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    window.scrollTo(0, 0);
    const { activeElement } = document;
    if (activeElement?.closest('[data-step]') != null) heading.current?.focus({ preventScroll: true });
  }, [current?.key]);

  const tapBelow = (event: MouseEvent<HTMLElement>) => {
    const target = event.target as HTMLElement;
    if (current === null || current.acknowledge || current.asks === 'flow') return;
    if (event.clientY > window.innerHeight / 2 && target.closest(OWN_PRESS) === null) goOn();
  };
  const isButton = (event: KeyboardEvent): boolean => event.target instanceof HTMLButtonElement;
  const forStep = current !== null && !(current.asks === 'flow' && ownFlow === undefined);

  return (
    <PageLayout
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, save.doc, 'repack')}
      linksLabel="Stages"
      slim={!showsList}
      shortcuts={[
        {
          keys: 'Space',
          does: forStep ? 'mark this step done' : 'start and stop the timer',
          matches: (event) => event.key === ' ' && forStep && !isButton(event),
          run: goOn,
        },
        {
          keys: '→',
          does: 'mark this step done',
          matches: (event) => event.key === 'ArrowRight' && current !== null,
          run: goOn,
        },
        {
          keys: '← or Backspace',
          does: 'go back one step',
          matches: (event) => event.key === 'ArrowLeft' || event.key === 'Backspace',
          run: back,
        },
      ]}
      status={<SaveStatus saves={[save, filterSave]} />}
    >
      <ClockBar job={save} />
      <div
        className={styles.progress}
        role="progressbar"
        aria-label="Steps done"
        aria-valuenow={done}
        aria-valuemin={0}
        aria-valuemax={steps.length}
      >
        <div style={{ width: `${(100 * done) / Math.max(1, steps.length)}%` }} />
      </div>
      {save.doc.stage === 'done' ? (
        <p role="alert" className={styles.change}>
          This repack was finished on another device.{' '}
          <AppLink href={`/filter/${filter.id}/card`}>Go to the pack card</AppLink>
        </p>
      ) : null}
      {changes.notPlanned.length === 0 ? null : (
        <div role="alert" className={styles.change}>
          <p>
            The plan has changed. {changes.notPlanned.length}{' '}
            {changes.notPlanned.length === 1 ? 'layer that is in is' : 'layers that are in are'} no longer in
            it. Take out any layer that is not on the list.
          </p>
          <Button onClick={() => changes.notPlanned.forEach(takeOut)}>Mark as taken out</Button>
        </div>
      )}
      {changes.inTheWay.length === 0 ? null : (
        <p role="alert" className={styles.change}>
          First take out: {changes.inTheWay.map((layer) => mediumOf(layer).name).join('; ')}. A missing piece
          goes underneath.
        </p>
      )}
      <div className={styles.sheet} data-list={showsList}>
        <section aria-label="All steps" className={styles.list}>
          <StepList
            steps={steps}
            layersIn={layersIn}
            layers={layers}
            packed={packed}
            currentKey={current?.key ?? END_ANCHOR}
            isDone={isDone}
            onTick={(step, on) => {
              tick(step, on);
              setChosenKey(null);
            }}
            onChoose={(step) => {
              setChosenKey(step.key);
              setShowsList(false);
            }}
          />
          <p className={styles.sum}>
            {words.show({ kind: 'volume', si: report.totals.volume })} of media,{' '}
            {words.show({ kind: 'mass', si: report.totals.dryMass })} dry
          </p>
          <div className={styles.print} data-print="no">
            <Button onClick={() => window.print()}>Print the list</Button> {isPhone ? <FullScreen /> : null}
          </div>
        </section>
        <section aria-label="This step" className={styles.step} data-print="no" data-step onClick={tapBelow}>
          {current === null ? (
            <div className={styles.text}>
              <h2 className={styles.title}>
                {layersIn === layerSteps.length
                  ? 'All layers are in.'
                  : `${layerSteps.length - layersIn} of ${layerSteps.length} layers are not ticked.`}
              </h2>
              {done < steps.length ? (
                <p className={styles.say}>
                  {steps.length - done} {steps.length - done === 1 ? 'step is' : 'steps are'} not ticked:{' '}
                  {steps
                    .filter((step) => !isDone(step))
                    .slice(0, 4)
                    .map(({ title }) => title)
                    .join('; ')}
                  {steps.length - done > 4 ? ' and more' : ''}.
                </p>
              ) : null}
              <HoldsPart filter={filter} planned={layers} packed={packed} found={went} />
              {flowAfter ?? (
                <p className="quiet">
                  You did not measure the flow, so you cannot tell later how clogged the filter is.
                </p>
              )}
              <FinishJob job={save} filter={filter} onBack={() => goTo(steps.length - 1)} />
            </div>
          ) : (
            <>
              <div className={styles.text}>
                <p className={styles.count}>
                  {PHASE_WORDS[current.phase]} · step {at + 1} of {steps.length}
                </p>
                <h2 ref={heading} tabIndex={-1} className={styles.title}>
                  {current.title}
                </h2>
                {current.says.map((line, index) => (
                  <p key={index} className={styles.say}>
                    {words.say(line)}
                  </p>
                ))}
                {current.caution === null ? null : (
                  <p className={styles.caution}>
                    <strong>Take care</strong> {current.caution}
                  </p>
                )}
                {current.seconds === null ? null : (
                  <StepTimer
                    key={current.key}
                    seconds={current.seconds}
                    startedAt={startedAt(ticks, current.key)}
                    onStart={(on) => setTick(timerKey(current.key), on)}
                  />
                )}
                {current.asks === 'holds' || went.differing.includes(current.layerId ?? '') ? (
                  <HoldsPart filter={filter} planned={layers} packed={packed} found={went} />
                ) : null}
                {current.asks !== 'flow'
                  ? null
                  : (flowAfter ?? (
                      <Stopwatch
                        labelFlow={filter.labelFlow}
                        tank={around.tank}
                        filterId={filter.id}
                        jobId={save.doc.id}
                        moment="clean"
                        onSaved={(entry) => setLog([...log, entry])}
                      />
                    ))}
              </div>
              <div className={styles.vessel} data-layer={current.layerId !== null}>
                <Vessel
                  filter={filter}
                  layers={layers}
                  report={report}
                  room={VESSEL_ROOM[isPhone ? 'phone' : 'desk']}
                  selectedId={current.layerId}
                  present={
                    new Set([
                      ...packed.map(({ layerId }) => layerId),
                      ...(current.layerId === null ? [] : [current.layerId]),
                    ])
                  }
                />
              </div>
              <div className={styles.foot}>
                <div className={styles.minor}>
                  <Button onClick={back} disabled={at === 0}>
                    Back
                  </Button>
                  {isDone(current) ? (
                    <Button key="undo" onClick={() => tick(current, false)}>
                      Mark as not done
                    </Button>
                  ) : current.acknowledge ? null : (
                    // What keeps someone from harm is confirmed, not passed over.
                    <Button key="skip" onClick={() => goTo(at + 1)}>
                      Skip
                    </Button>
                  )}
                  {current.layerId === null ? null : (
                    <Deviation
                      key={current.layerId}
                      filter={filter}
                      layerId={current.layerId}
                      packed={packed.find(({ layerId }) => layerId === current.layerId)}
                      planned={planned}
                      onPut={(step) => {
                        put(step);
                        setChosenKey(current.key);
                      }}
                    />
                  )}
                  <span className={styles.views}>
                    {isPhone ? null : <FullScreen />}
                    <span className={styles.toList}>
                      <Button onClick={() => setShowsList(true)}>All steps</Button>
                    </span>
                  </span>
                </div>
                <button
                  type="button"
                  className={styles.done}
                  data-done={isDone(current) || !forStep}
                  data-small={!forStep}
                  onClick={goOn}
                >
                  <strong>
                    {isDone(current) ? 'Next' : forStep ? current.confirm : 'Continue without measuring'}
                  </strong>
                  <span className={styles.how}>
                    {current.acknowledge
                      ? 'press here, or the space bar'
                      : 'press anywhere on the lower half, or the space bar'}
                  </span>
                </button>
              </div>
            </>
          )}
          <p className={`quiet ${styles.awake}`}>
            {OFFLINE_WORDS[offline]}
            {awake
              ? ''
              : ' This browser cannot keep the screen on. Set a longer screen timeout in your device’s settings.'}
          </p>
        </section>
      </div>
    </PageLayout>
  );
}

/** Whether the phone may lose sight of the app. */
const OFFLINE_WORDS: Readonly<Record<Offline, string>> = {
  preparing: 'Getting ready to work offline.',
  ready: 'This page works offline, even if you reload it.',
  off: 'This browser cannot reload the page offline. If the app stops, keep the page open.',
};

const timerKey = (key: string): string => `timer/${key}`;

/** When the timer of a step was started; null: it does not run. */
function startedAt(ticks: Job['ticks'], key: string): string | null {
  const tick = tickOf(ticks, timerKey(key));
  return tick?.done === true ? tick.at : null;
}
