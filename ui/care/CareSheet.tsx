'use client';
import { withEntries } from '../log/withEntries';
import { useServerState } from '../state/useServerState';
import { useState } from 'react';
import { futureEntries } from '@/core/log/futureEntries';
import { quickCheckAdvice, type LookAdvice } from '@/core/care/quickCheckAdvice';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { isOut } from '@/core/job/isOut';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import { QUICK_CHECKS, type Look } from '@/core/log/serviceWorks';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import type { Surroundings } from '@/core/report/evaluatePack';
import type { Tank } from '@/core/tank/tank';
import type { OutlookState } from '@/store/outlooks';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { PageLayout } from '../frame/PageLayout';
import { lazyPart } from '../frame/lazyPart';
import { stageLinks } from '../frame/stageLinks';
import { useLog } from '../log/useLog';
import { CareForms } from './CareForms';
import type { LogPage } from '@/server/logPage';
import { LogList } from './LogList';
import styles from './CareSheet.module.css';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  /** What is in it, as far as is known. */
  readonly layers: readonly Layer[];
  /** A finished repack says so. */
  readonly isPacked: boolean;
  /** The newest page of its log. */
  readonly first: LogPage;
  readonly tank: Tank;
  /** The other filters of the tank. */
  readonly others: Surroundings['others'];
  readonly outlook: OutlookState;
  /** Flows, services, repacks and water changes: what is due depends on them. */
  readonly log: readonly LogEntry[];
  /** ISO moment of looking. */
  readonly now: string;
}

// It brings the engine of what is due; the forms stand before it has come.
const OutlookPart = lazyPart(() => import('../outlook/OutlookPart').then((module) => module.OutlookPart));

// Few logs come from a file.
const LogFile = lazyPart(() => import('./LogFile').then((module) => module.LogFile));

/** The diary of a filter: what is seen and done, in seconds, and all of it to be found again. */
export function CareSheet({
  filter,
  job,
  layers,
  isPacked,
  first,
  tank,
  others,
  outlook,
  log: logged,
  now,
}: Props) {
  const words = useWords();
  const { save, faults, busy } = useLog(filter.id, null);
  const ahead = futureEntries(first.entries, now);
  /** Counts what was added here, so that the list asks for its page anew. */
  const [added, setAdded] = useState(0);
  const [log, setLog] = useServerState(logged);
  const [changed, setChanged] = useState(0);
  const [advice, setAdvice] = useState<LookAdvice | null>(null);
  const [said, setSaid] = useState('');
  const nameOf = (layerId: string): string | null => {
    const layer = layers.find(({ id }) => id === layerId);
    return layer === undefined ? null : mediumOf(layer).name;
  };
  /** The log as it is now: the outlook depends on it. */
  const putAll = (gone: readonly LogEntry[], come: readonly LogEntry[]) => {
    setLog((entries) => withEntries(entries, gone, come));
    setChanged((count) => count + 1);
  };
  const put = (before: LogEntry | null, after: LogEntry | null) =>
    putAll(before === null ? [] : [before], after === null ? [] : [after]);
  const isIn = (entry: LogEntry | null, words: string) => {
    if (entry === null) return;
    setSaid(words);
    setAdded((count) => count + 1);
    put(null, entry);
  };
  const look = async (seen: Look) => {
    const entry = await save({ kind: 'look', seen: [seen], note: '' });
    if (entry !== null) setAdvice(quickCheckAdvice(seen, first.entries, entry.at));
    isIn(entry, `Logged: ${seen}.`);
  };
  return (
    <PageLayout
      page="Care"
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, job, 'care')}
      linksLabel="Stages"
    >
      {ahead.length === 0 ? null : (
        <p role="alert" className={styles.clock}>
          <strong>
            {ahead.length === 1 ? 'A log entry is' : `${ahead.length} log entries are`} ahead of this
            computer’s clock
          </strong>{' '}
          (latest: {words.date(ahead[0]?.at ?? now, { day: 'numeric', month: 'long', year: 'numeric' })}).
          What is due counts from {ahead.length === 1 ? 'it' : 'them'}. Correct the clock, or edit the dates
          below.
        </p>
      )}
      <OutlookPart
        {...{ filter, tank, layers, isPacked, others, log, changed, now }}
        onLog={(before, after) => {
          setAdded((count) => count + 1);
          put(before, after);
        }}
        first={outlook}
        packIsOut={job !== null && isOut(job.stage)}
      />
      <div className={styles.sheet}>
        <div className={styles.enter}>
          <section aria-label="Quick look" className={styles.part}>
            <h2 className="title">Quick look</h2>
            <div className={styles.looks}>
              {QUICK_CHECKS.filter((seen) => seen !== 'level high' || filter.spill !== null).map((seen) => (
                <button
                  key={seen}
                  type="button"
                  disabled={busy}
                  className={styles.look}
                  onClick={() => void look(seen)}
                >
                  {seen}
                </button>
              ))}
            </div>
            <p role="status">{said}</p>
            {faults.map((fault) => (
              <p key={fault} role="alert">
                {fault}
              </p>
            ))}
            {advice === null ? null : (
              <p className={styles.advice}>
                {advice.says}{' '}
                {advice.symptom === null ? null : (
                  <AppLink href={`/filter/${filter.id}/fault`}>Find a fault</AppLink>
                )}
              </p>
            )}
          </section>
          <section aria-label="New entry" className={styles.part}>
            <h2 className="title">New entry</h2>
            <CareForms
              filter={filter}
              airFilters={tank.airFilters.length}
              layers={layers}
              onSaved={(entry) => isIn(entry, 'Saved to the log.')}
              onPhotos={() => setAdded((count) => count + 1)}
            />
            <p className={styles.links}>
              <AppLink href={`/filter/${filter.id}/flow`}>Measure the flow</AppLink>
              <AppLink href={`/filter/${filter.id}/water-tests`}>Log a water test</AppLink>
              <AppLink href={`/filter/${filter.id}/card`}>Pack card</AppLink>
              <AppLink href={`/filter/${filter.id}/fault`}>Find a fault</AppLink>
            </p>
          </section>
        </div>
        <LogList filterId={filter.id} first={first} added={added} nameOf={nameOf} onChanged={put} />
        <LogFile
          filterId={filter.id}
          nameOf={nameOf}
          onChanged={(come, gone) => {
            setAdded((count) => count + 1);
            putAll(gone, come);
          }}
        />
      </div>
    </PageLayout>
  );
}
