'use client';
import { useEffect, useMemo, useRef, useState, type MouseEvent } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { LogEntry } from '@/core/log/logEntry';
import type { Pack } from '@/core/pack/pack';
import { planChanges } from '@/core/repack/planChanges';
import type { Surroundings } from '@/core/report/surroundings';
import { flowState } from '@/core/service/flowState';
import type { Stored } from '@/store/documentTable';
import { useIsPhone } from '../drawing/useIsPhone';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { FilterLayout } from '../frame/FilterLayout';
import { SaveStatus } from '../frame/SaveStatus';
import { ClockBar } from '../job/ClockBar';
import { useAutosave } from '../state/useAutosave';
import { useServerState } from '../state/useServerState';
import { AllSteps } from './AllSteps';
import { CurrentStep } from './CurrentStep';
import { OfflineNote } from './OfflineNote';
import { RepackEnd } from './RepackEnd';
import { RepackNotices } from './RepackNotices';
import { repackShortcuts } from './repackShortcuts';
import { useJobNews } from './useJobNews';
import { useRepackSteps } from './useRepackSteps';
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
const FinishJob = lazyPart(() => import('./FinishJob').then((module) => module.FinishJob));
const HoldsPart = lazyPart(() => import('./HoldsPart').then((module) => module.HoldsPart));
const FlowAfterPart = lazyPart(() => import('./FlowAfterPart').then((module) => module.FlowAfterPart));

/** What is pressed for itself, and not for the step. */
const OWN_PRESS = 'a, button, input, textarea, select, label, summary, form';

/** A repack, one large step at a time: for one wet knuckle, the space bar, or a tap on the lower half. */
export function RepackSheet({
  around,
  filter: storedFilter,
  job: storedJob,
  found,
  planned,
  log: storedLog,
  now,
}: Props) {
  const filterSave = useAutosave('filter', storedFilter);
  const filter = filterSave.doc;
  const job = useAutosave('job', storedJob);
  useJobNews(job);
  usePreload(Stopwatch, FinishJob, HoldsPart, FlowAfterPart);
  const isPhone = useIsPhone();
  const [log, setLog] = useServerState(storedLog);
  const [showsList, setShowsList] = useState(false);
  const repack = useRepackSteps({ around, filter: filterSave, job, found, planned, now });
  const { steps, current, done, went, goOn } = repack;
  const { ticks, packed } = job.doc;

  const readings = useMemo(() => flowState(log).readings, [log]);
  const ownFlow = readings.filter(({ jobId, moment }) => jobId === job.doc.id && moment === 'clean').at(-1);
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
  const holds = <HoldsPart plan={repack.input} packed={packed} went={went} />;

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
  const canBeDone = current !== null && !(current.asks === 'flow' && ownFlow === undefined);

  return (
    <FilterLayout
      filter={filter}
      job={job.doc}
      here="repack"
      slim={!showsList}
      shortcuts={repackShortcuts(repack, canBeDone)}
      status={<SaveStatus saves={[job, filterSave]} />}
    >
      <ClockBar job={job} />
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
      <RepackNotices
        finished={job.doc.stage === 'done' ? `/filter/${filter.id}/card` : null}
        changes={planChanges(filter, planned.layers, packed)}
        takeOut={repack.takeOut}
      />
      <div className={styles.sheet} data-list={showsList}>
        <AllSteps
          repack={repack}
          packed={packed}
          layers={planned.layers}
          isPhone={isPhone}
          onChoose={() => setShowsList(false)}
        />
        <section aria-label="This step" className={styles.step} data-print="no" data-step onClick={tapBelow}>
          {current === null ? (
            <RepackEnd
              {...repack}
              holds={holds}
              flowAfter={flowAfter}
              finish={
                <FinishJob
                  job={job}
                  filter={filter}
                  packed={went.layers}
                  found={found}
                  onBack={() => repack.goTo(steps.length - 1)}
                />
              }
            />
          ) : (
            <CurrentStep
              {...{ repack, filter, planned, packed, ticks, canBeDone, isPhone, holds, heading }}
              step={current}
              onList={() => setShowsList(true)}
              flow={
                flowAfter ?? (
                  <Stopwatch
                    labelFlow={filter.labelFlow}
                    tank={around.tank}
                    filterId={filter.id}
                    jobId={job.doc.id}
                    moment="clean"
                    onSaved={(entry) => setLog((entries) => [...entries, entry])}
                  />
                )
              }
            />
          )}
          <OfflineNote filterId={filter.id} job={job} />
        </section>
      </div>
    </FilterLayout>
  );
}
