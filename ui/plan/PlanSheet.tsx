'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import { MAX_ALTERNATIVES } from '@/core/job/maxAlternatives';
import type { LogEntry } from '@/core/log/logEntry';
import type { Surroundings } from '@/core/report/surroundings';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import { packFaults } from '@/core/pack/packFaults';
import type { Settings } from '@/core/settings/settings';
import type { Stored } from '@/store/documentTable';
import { ToggleField } from '../fields/ToggleField';
import { send } from '../state/send';
import { useAutosave } from '../state/useAutosave';
import { PlanBench } from './PlanBench';
import styles from './PlanSheet.module.css';
import { lazyPart, usePreload } from '../frame/lazyPart';

// Loaded when packs are compared or proposed, or a little after the sheet stands.
const BesideBench = lazyPart(() => import('./BesideBench').then((module) => module.BesideBench));
const SEARCHES = {
  preload: () =>
    void import('../propose/proposeWorkers').then(
      ({ readyProposers }) => readyProposers(),
      // They are begun when packs are proposed.
      () => undefined,
    ),
};

/** Stand for the comparison, for proposals and for usual packs among the plans; no id of a document looks like them. */
const COMPARE = '(compare)';
const PROPOSE = '(propose)';
const USUAL = '(usual)';
type InsteadOfLine = typeof COMPARE | typeof PROPOSE | typeof USUAL;
const isInstead = (chosen: string): chosen is InsteadOfLine =>
  chosen === COMPARE || chosen === PROPOSE || chosen === USUAL;

interface Props {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly ownMedia: readonly OwnMedium[];
  readonly filter: Stored<Filter>;
  readonly job: Stored<Job>;
  /** What the plan is compared with; null where nothing is known of what is in the filter. */
  readonly asFound: Pack | null;
  readonly planned: Stored<Pack>;
  readonly alternatives: readonly Stored<Pack>[];
  readonly log: readonly LogEntry[];
}

/** The plan and the other plans that were thought of, one of them on the bench, or all of them side by side. */
export function PlanSheet({ alternatives: stored, planned, filter: storedFilter, ...bench }: Props) {
  const { asFound } = bench;
  usePreload(BesideBench, SEARCHES);
  const known = useMemo(() => (asFound === null ? [] : [asFound]), [asFound]);
  const holdsAll = (candidate: Filter): readonly string[] =>
    candidate.chambers.length === 0
      ? ['A filter needs at least one chamber.']
      : [...known, planned.doc, ...stored.map(({ doc }) => doc)].flatMap(({ layers }) =>
          packFaults(candidate, layers),
        );
  const filterSave = useAutosave('filter', storedFilter, holdsAll);
  const filter = filterSave.doc;
  const job = useAutosave('job', bench.job);
  const plan = useAutosave('pack', planned, (pack) => packFaults(storedFilter.doc, pack.layers));
  const [alternatives, setAlternatives] = useServerState(stored);
  const [shownId, setShownId] = useState(planned.doc.id);
  const [instead, setInstead] = useState<InsteadOfLine | null>(null);
  const comparing = instead === COMPARE;
  const [fault, setFault] = useState<string | null>(null);
  const shown = alternatives.find((pack) => pack.doc.id === shownId) ?? planned;
  const isPlan = shown === planned;

  const addPlan = async (name: string, layers: Pack['layers'], visits: Pack['visits']) => {
    if (!(await job.flush())) return;
    const outcome = await send<{ job: Stored<Job>; pack: Stored<Pack> }>(
      'POST',
      `/api/jobs/${job.doc.id}/alternatives`,
      { version: job.version(), name, layers, visits },
    );
    if (outcome.kind !== 'saved') {
      setFault(
        outcome.kind === 'refused' ? outcome.faults.join(' ') : 'The plan could not be saved. Try again.',
      );
      return;
    }
    setFault(null);
    job.offer(outcome.value.job);
    setAlternatives([...alternatives, outcome.value.pack]);
    setShownId(outcome.value.pack.doc.id);
    setInstead(null);
  };
  const remove = async (packId: string) => {
    if (!(await job.flush())) return;
    const outcome = await send<{ job: Stored<Job> }>(
      'DELETE',
      `/api/jobs/${job.doc.id}/alternatives/${packId}`,
      { version: job.version() },
    );
    if (outcome.kind !== 'saved') {
      setFault('The plan could not be removed. Nothing was changed. Try again.');
      return;
    }
    setFault(null);
    job.offer(outcome.value.job);
    setShownId(planned.doc.id);
    setAlternatives(alternatives.filter((pack) => pack.doc.id !== packId));
  };

  const tabs = (layers: Pack['layers'], visits: Pack['visits']) => (
    <div className={styles.tabs}>
      <ToggleField
        label="Plans"
        options={[
          ...[planned, ...alternatives].map(({ doc }) => ({ value: doc.id, label: doc.name })),
          { value: COMPARE, label: 'Compare' },
          { value: USUAL, label: 'Usual packs' },
          { value: PROPOSE, label: 'Propose packs' },
        ]}
        value={instead ?? shown.doc.id}
        onChange={(chosen) => {
          // One of them is always on the bench.
          if (chosen === null) return;
          const other = isInstead(chosen) ? chosen : null;
          setInstead(other);
          if (other === null) setShownId(chosen);
        }}
        className={styles.plans}
      />
      <span className={styles.tools}>
        {isPlan || instead !== null ? null : (
          <>
            <Button
              onClick={() => plan.change((doc) => ({ ...doc, layers: [...layers], visits: [...visits] }))}
            >
              Use this plan
            </Button>
            <Button onClick={() => void remove(shown.doc.id)}>Remove this plan</Button>
          </>
        )}
        {instead !== null ? null : (
          <Button
            disabled={alternatives.length >= MAX_ALTERNATIVES}
            onClick={() => void addPlan(nextName(alternatives), layers, visits)}
          >
            Duplicate plan
          </Button>
        )}
      </span>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );

  return (
    <PlanBench
      key={shown.doc.id}
      {...bench}
      filter={filter}
      filterSave={filterSave}
      alsoSaving={isPlan ? [] : [plan]}
      pack={shown}
      tabs={tabs}
      onTaken={() => setInstead(null)}
      instead={
        instead === null
          ? null
          : ({ around, ahead, usualPacks }) =>
              instead === USUAL ? (
                usualPacks
              ) : (
                <BesideBench
                  plan={plan.doc}
                  canAdd={alternatives.length < MAX_ALTERNATIVES}
                  onAdd={(name, layers) => void addPlan(name, layers, [])}
                  {...{ around, comparing, filter, ahead, asFound, alternatives }}
                  jobId={job.doc.id}
                />
              )
      }
    />
  );
}

/** “Alternative 2”: the first number that is free. */
function nextName(alternatives: readonly Stored<Pack>[]): string {
  const names = new Set(alternatives.map(({ doc }) => doc.name));
  const number = Array.from({ length: MAX_ALTERNATIVES + 1 }, (_, index) => index + 1).find(
    (value) => !names.has(`Alternative ${value}`),
  );
  return `Alternative ${number}`;
}
