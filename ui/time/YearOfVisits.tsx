'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Visit } from '@/core/pack/visit';
import type { PackReport } from '@/core/report/evaluatePack';
import type { Layer } from '@/core/layers/layer';
import type { PackEdit } from '@/core/pack/packEdit';
import type { PlannedVisit, ServicePlan } from '@/core/service/servicePlan';
import { mediumOf } from '@/core/layers/mediumOf';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { askWorker } from './forecastWorkers';
import { daysIn } from './serviceWords';
import styles from './YearOfVisits.module.css';
import { useWorkerAnswer } from './useWorkerAnswer';

/** What a year of visits is worked out from, and what can be done with it. */
export interface YearOfVisitsProps {
  /** The pack without the visits that are on the strip already: a plan begins from none. */
  readonly input: ForecastInput;
  readonly report: PackReport;
  readonly visits: readonly Visit[];
  readonly onVisits: (visits: readonly Visit[]) => void;
  readonly onEdit: (edit: PackEdit) => void;
}

const WORDS_BY_REASON: Readonly<Record<PlannedVisit['why'], string>> = {
  flow: 'the flow is low, or the mechanical layers are full',
  'used up': 'floss is used up',
  spent: 'chemical media are due',
  biological: 'the biological media has silted up; clean nothing else that day',
  look: 'nothing calls for it yet: look in',
};

const work = (input: ForecastInput) => askWorker('long', (remote) => remote.plan(input));

/** A year of visits from the forecast: how many, how long, what is lifted; put on the strip with one press. */
export function YearOfVisits({ input, report, visits, onVisits, onEdit }: YearOfVisitsProps) {
  const words = useWords();
  // Asked for by hand: most keepers look at the forecast only.
  const [asked, setAsked] = useState<ForecastInput | null>(null);
  const { found, failed, stale, retry } = useWorkerAnswer(asked, work);
  const current = found?.of === input ? found.answer : null;
  const working = asked === input && stale && !failed;
  const isFailed = asked === input && failed;
  const begin = () => (asked === input ? retry() : setAsked(input));
  const number = (layerId: string): string => {
    const item = report.layers.find((layer) => layer.layerId === layerId);
    return item === undefined ? 'a former layer' : `layer ${item.flowNumber}`;
  };
  return (
    <div className={styles.plan}>
      {current === null ? (
        <>
          <p className="quiet">
            As few visits as possible without losing flow. Biological media is left alone, and never cleaned
            with the rest.
          </p>
          <Button onClick={begin} disabled={working}>
            {working ? 'Working out …' : 'Plan a year of visits'}
          </Button>
          {isFailed ? <p role="alert">The visits could not be worked out. Try again.</p> : null}
        </>
      ) : (
        <>
          <p data-testid="plan-burden">
            {words.number(current.perYear.visits, 0)} visits a year, {minutes(words, current.perYear.minutes)}
            , {words.number(current.perYear.lifts, 0)} parts to lift out.
          </p>
          <p className="quiet">
            Planned for the early end of the likely range. Nine times out of ten the filter will last longer.
          </p>
          {current.heldByBiological ? (
            <p className={styles.warn}>
              The biological media is slowing the water. Put finer foam or floss before it.
            </p>
          ) : null}
          <ul>
            {current.intervals.map(({ layerId, days, work: done }) => (
              <li key={layerId}>
                {number(layerId)}, {nameOf(input.layers, layerId)}: {done} about every {daysIn(words, days)}
              </li>
            ))}
          </ul>
          <details>
            <summary>Visit by visit</summary>
            <ol>
              {current.visits.map((visit) => (
                <li key={visit.day}>
                  <strong>day {visit.day}</strong>, {minutes(words, visit.minutes)}:{' '}
                  {WORDS_BY_REASON[visit.why]}.{' '}
                  {visit.works.map(({ layerId, work: done }) => `${done} ${number(layerId)}`).join(', ')}
                  {visit.lifts.length === 0 ? '' : `; lift ${visit.lifts.join(', ')}`}
                </li>
              ))}
            </ol>
          </details>
          {current.easierPlace === null ? null : (
            <EasierPlace
              plan={current}
              say={`${number(current.easierPlace.layerId)} is changed often and sits deep`}
              where={
                input.filter.chambers.find(({ id }) => id === current.easierPlace?.chamberId)?.name ?? ''
              }
              onEdit={onEdit}
            />
          )}
          <span className={styles.tools}>
            {current.visits.length === 0 ? null : (
              <Button onClick={() => onVisits(current.visits.map(({ day, works }) => ({ day, works })))}>
                Add to the timeline
              </Button>
            )}
          </span>
        </>
      )}
      {visits.length === 0 ? null : <Button onClick={() => onVisits([])}>Clear the timeline</Button>}
    </div>
  );
}

const minutes = (words: Words, count: number): string => {
  const hours = count / 60;
  return hours < 2 ? `${words.number(count, 0)}\u00a0minutes` : `${words.number(hours, 1)}\u00a0hours`;
};

const nameOf = (layers: readonly Layer[], layerId: string): string => {
  const layer = layers.find((layer) => layer.id === layerId);
  return layer === undefined ? '' : mediumOf(layer).name.toLowerCase();
};

function EasierPlace({
  plan,
  say,
  where,
  onEdit,
}: {
  plan: ServicePlan;
  say: string;
  where: string;
  onEdit: (edit: PackEdit) => void;
}) {
  const { easierPlace } = plan;
  if (easierPlace === null) return null;
  return (
    <p className={styles.case}>
      {say}: in “{where}” it would save {easierPlace.liftsSaved} liftings a year, even though that puts it
      upstream. <Button onClick={() => onEdit(easierPlace.edit)}>Move it there</Button>
    </p>
  );
}
