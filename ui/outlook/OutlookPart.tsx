'use client';
import { useLog } from '../log/useLog';
import Button from '@mui/material/Button';
import { useMemo, type ReactNode } from 'react';
import { outletLimit } from '@/core/dirt/serviceLimits';
import { dueList } from '@/core/care/due';
import { learnedRows } from '@/core/learn/learnedRows';
import { describeOutlier } from '@/core/outlook/describeOutlier';
import { whyNoForecast } from '@/core/outlook/whyNoForecast';
import { outlookVerdict, whileRepacking } from '@/core/outlook/outlookVerdict';
import { waterLost } from '@/core/care/waterLost';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import { jugFlow } from '@/core/hydraulics/jugFlow';
import type { LogEntry } from '@/core/log/logEntry';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { daysBetween } from '@/core/units/daysBetween';
import { assumedFood } from '@/core/tank/feedPerDay';
import type { Tank } from '@/core/tank/tank';
import type { OutlookState } from '@/store/outlooks';
import { useWords } from '../fields/UnitsProvider';
import tables from '../frame/FigureTable.module.css';
import { AppLink } from '../frame/AppLink';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { VerdictBanner } from '../frame/VerdictBanner';
import { DueRows } from './DueRows';
import { daysShown, OutlookChart } from './OutlookChart';
import styles from './OutlookPart.module.css';
import { ForecastChecks } from './ForecastChecks';
import { OutlookProgress } from './OutlookProgress';
import { OutlookTable } from './OutlookTable';
import { lazyPart } from '../frame/lazyPart';
import { todayAction } from './todayAction';
import { useOutlook } from './useOutlook';
import { WaterLostPart } from './WaterLostPart';

// Wanted where a tank has two filters.
const PairedPart = lazyPart(() => import('./PairedPart').then((module) => module.PairedPart));

interface Props {
  readonly filter: Filter;
  readonly tank: Tank;
  readonly layers: readonly Layer[];
  /** A finished repack says what is in the filter. */
  readonly isPacked: boolean;
  /** The other filters of the tank. */
  readonly others: ForecastInput['others'];
  /** As the page was drawn. */
  readonly first: OutlookState;
  /** Flows, services, repacks and water changes, in any order. */
  readonly log: readonly LogEntry[];
  /** Grows when the log was changed on this page. */
  readonly changed: number;
  /** An entry was added, or taken out. */
  readonly onLog: (before: LogEntry | null, after: LogEntry | null) => void;
  /** The open job; null between jobs. */
  readonly job: Job | null;
  /** A repack is under way: what is worked out is of the pack that came out. */
  readonly packIsOut: boolean;
  /** Under what is due: what can be seen at a glance. */
  readonly look: ReactNode;
  /** Under the chart: what was logged last. */
  readonly last: ReactNode;
  /** ISO moment of looking. */
  readonly now: string;
}

/** The outlook of a filter: when it needs service, what is due, and what its log taught. */
export function OutlookPart({
  filter,
  tank,
  layers,
  isPacked,
  others,
  first,
  log,
  changed,
  onLog,
  job,
  packIsOut,
  look,
  last,
  now,
}: Props) {
  const words = useWords();
  const work = useOutlook(filter.id, first, changed);
  const { state } = work;
  const { outlook } = state;
  const due = useMemo(
    () => dueList({ filter, tank, layers, outlook, log, now }),
    [filter, tank, layers, outlook, log, now],
  );
  const { remove, faults } = useLog(filter.id, null, onLog);
  const wake = (entryId: string): void => {
    const entry = log.find(({ id }) => id === entryId);
    if (entry !== undefined) void remove(entry);
  };
  const lost = useMemo(() => waterLost({ tank, log, now }), [tank, log, now]);
  const verdict = outlookVerdict(outlook, now, whyNoForecast(isPacked, work.failed), assumedFood(tank));
  const ahead = outlook?.forecast ?? null;
  const odd = outlook?.learned.odd ?? [];
  const since = log.filter((entry) => ahead !== null && entry.at >= ahead.packedAt);
  const readings = log.flatMap((entry) =>
    entry.kind === 'flow' && ahead !== null && daysBetween(ahead.packedAt, entry.at) > -1 / 2
      ? [
          {
            id: entry.id,
            day: Math.max(0, daysBetween(ahead.packedAt, entry.at)),
            flow: jugFlow(entry.jugVolume, entry.seconds).mean,
            odd: odd.some(({ id }) => id === entry.id),
          },
        ]
      : [],
  );
  const today = ahead === null ? 0 : Math.max(0, daysBetween(ahead.packedAt, now));
  const rows = outlook?.learned.posterior == null ? [] : learnedRows(outlook.learned.posterior, tank);
  const action = todayAction({ filterId: filter.id, job, due, isKnown: layers.length > 0 });
  return (
    <section aria-label="Forecast">
      <VerdictBanner
        verdict={packIsOut ? whileRepacking(verdict) : verdict}
        action={
          <Button variant="contained" component={AppLink} href={action.href}>
            {action.label}
          </Button>
        }
      />
      <div className={styles.part}>
        <div className={styles.verdict}>
          <OutlookProgress {...work} />
          {due.length === 0 || packIsOut ? null : (
            <>
              <h2 className={styles.title}>Due</h2>
              <DueRows
                filterId={filter.id}
                due={due}
                onSnoozed={(entry) => onLog(null, entry)}
                onWoken={wake}
              />
              {faults.length === 0 ? null : <p role="alert">{faults.join(' ')}</p>}
            </>
          )}
          {look}
          {lost === null ? null : <WaterLostPart filterId={filter.id} lost={lost} />}
        </div>
        <div className={styles.chart}>
          {ahead === null ? null : (
            <OutlookChart
              ahead={ahead}
              readings={readings}
              services={since
                .filter(({ kind }) => kind === 'service')
                .map(({ at }) => daysBetween(ahead.packedAt, at))}
              today={today}
              limitShare={outletLimit(filter)}
            />
          )}
          {last}
          {ahead === null ? null : (
            <CollapsibleSection
              title="The flow as a table"
              says="week by week: expected, its likely range, and what was measured"
            >
              <OutlookTable {...{ ahead, readings, today }} lastDay={daysShown(ahead, today)} />
            </CollapsibleSection>
          )}
          {isPacked ? (
            <CollapsibleSection
              title="How good are the forecasts for this filter?"
              says="what was predicted of your last packs, and what happened"
            >
              <ForecastChecks filterId={filter.id} learned={rows} />
            </CollapsibleSection>
          ) : null}
          {others.length === 0 || layers.length === 0 ? null : (
            <CollapsibleSection
              title="Two filters on one tank"
              says="how long this filter can stay closed if you clean the other one often"
            >
              <PairedPart
                {...{ tank, filter, layers, others }}
                learned={outlook?.learned.posterior ?? null}
              />
            </CollapsibleSection>
          )}
          {odd.map((reading) => {
            const { state: says, causes, check } = describeOutlier(reading);
            return (
              <p key={reading.id} className={styles.odd}>
                <strong>{words.say(says)}</strong> {causes} {check}
              </p>
            );
          })}
          {rows.length === 0 ? null : (
            <CollapsibleSection
              title="Learned from your log"
              says={`${rows.filter(({ told }) => told).length} of ${rows.length} figures improved by your readings`}
            >
              <table className={tables.table}>
                <thead>
                  <tr>
                    <th scope="col">Figure</th>
                    <th scope="col">Compared with usual</th>
                    <th scope="col">Likely range</th>
                    <th scope="col">Source</th>
                  </tr>
                </thead>
                <tbody>
                  {rows.map(({ key, label, factor, low, high, told }) => (
                    <tr key={key}>
                      <th scope="row">{label}</th>
                      <td>×{words.number(factor, 2)}</td>
                      <td>
                        ×{words.number(low, 2)} to ×{words.number(high, 2)}
                      </td>
                      <td>{told ? 'learned from your log' : 'assumed: too few readings'}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </CollapsibleSection>
          )}
        </div>
      </div>
    </section>
  );
}
