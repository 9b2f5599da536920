'use client';
import { withEntry } from '../log/withEntries';
import { DeletedEntry } from '../log/DeletedEntry';
import { useLog } from '../log/useLog';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { visitKey } from '@/core/care/due';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { FlowMoment, LogEntry } from '@/core/log/logEntry';
import { flowVerdict } from '@/core/service/flowVerdict';
import { chartFlow } from '@/core/service/chartFlow';
import { flowState } from '@/core/service/flowState';
import { netVolume } from '@/core/tank/netVolume';
import type { Tank } from '@/core/tank/tank';
import { turnover } from '@/core/hydraulics/turnover';
import { useWords } from '../fields/UnitsProvider';
import { daysAgo } from '../fields/daysAgo';
import { AppLink } from '../frame/AppLink';
import { todayAction } from '../outlook/todayAction';
import { VerdictBanner } from '../frame/VerdictBanner';
import { FilterLayout } from '../frame/FilterLayout';
import { PageButtons } from '../frame/PageButtons';
import { outletLimit } from '@/core/dirt/serviceLimits';
import { FlowChart } from '../filters/FlowChart';
import { MOMENT_WORDS } from '../job/describeLogEntry';
import styles from './FlowSheet.module.css';
import { Stopwatch } from './Stopwatch';

/** Readings shown at once. */
const ROWS = 15;

interface Props {
  readonly tank: Tank;
  readonly filter: Filter;
  readonly job: Job | null;
  readonly log: readonly LogEntry[];
  readonly now: string;
}

/** When a flow is most likely timed, from where the job stands. */
const likelyMoment = (job: Job | null): FlowMoment =>
  job === null ? 'between' : job.stage === 'repack' ? 'clean' : 'before strip';

/** Time the flow by jug, and see all that was timed. */
export function FlowSheet({ tank, filter, job, log: storedLog, now }: Props) {
  const words = useWords();
  const [log, setLog] = useServerState(storedLog);
  const { remove, ...logged } = useLog(filter.id, job?.id ?? null, (gone, come) =>
    setLog((entries) => withEntry(entries, gone, come)),
  );
  const [from, setFrom] = useState(0);
  const flow = flowState(log);
  const [saveIn, setSaveIn] = useState<HTMLElement | null>(null);
  const verdict = flowVerdict(flow, outletLimit(filter));
  const isDue = verdict.level === 'check';
  const next =
    job === null && !isDue
      ? null
      : todayAction({
          filterId: filter.id,
          job,
          due: [{ key: visitKey(filter.id), inDays: 0 }],
          isKnown: true,
        });
  const newestFirst = [...flow.readings].reverse();
  // A reading that is deleted may have been the last of its page.
  const first = from < newestFirst.length ? from : 0;

  const removeReading = (id: string): void => {
    const entry = log.find((item) => item.id === id);
    if (entry !== undefined) void remove(entry);
  };

  return (
    <FilterLayout
      page="Flow"
      filter={filter}
      job={job}
      here="flow"
      shortcuts={[
        { keys: 'Space', does: 'start and stop the timer' },
        { keys: 'Enter', does: 'add the time you typed' },
      ]}
    >
      <VerdictBanner
        verdict={verdict}
        slot={setSaveIn}
        action={
          next === null ? null : (
            <Button variant="contained" component={AppLink} href={next.href}>
              {next.label}
            </Button>
          )
        }
      />
      <div className={styles.sheet}>
        <div>
          <h2 className={`caption ${styles.heading}`}>Measure the flow with a jug under the outlet</h2>
          <Stopwatch
            labelFlow={filter.labelFlow}
            tank={tank}
            filterId={filter.id}
            jobId={job?.id ?? null}
            moment={likelyMoment(job)}
            saveIn={saveIn}
            aside={next !== null}
            onSaved={(entry) => setLog((entries) => withEntry(entries, null, entry))}
          />
        </div>
        <section aria-label="Measured flows">
          <h2 className={`caption ${styles.heading}`}>Flow, {words.unit('flow').symbol}, last six months</h2>
          <FlowChart
            words={words}
            flow={chartFlow(flow, now, outletLimit(filter))}
            repacks={log.filter(({ kind }) => kind === 'repacked').map(({ at }) => at)}
            now={now}
            name={filter.name}
          />
          <DeletedEntry {...logged} />
          <div className={styles.scroll}>
            <table className={styles.table}>
              <thead>
                <tr>
                  <th scope="col">When</th>
                  <th scope="col">Measured</th>
                  <th scope="col" className={styles.right}>
                    Flow
                  </th>
                  <th scope="col" className={styles.right}>
                    Spread
                  </th>
                  <th scope="col" className={styles.right}>
                    Turnover an hour
                  </th>
                  <td />
                </tr>
              </thead>
              <tbody>
                {newestFirst.slice(first, first + ROWS).map((reading) => (
                  <tr key={reading.id}>
                    <td
                      suppressHydrationWarning
                      title={words.date(reading.at, { dateStyle: 'medium', timeStyle: 'short' })}
                    >
                      {daysAgo(reading.at)}
                    </td>
                    <td>{MOMENT_WORDS[reading.moment]}</td>
                    <td className={styles.right}>
                      <strong>{words.show({ kind: 'flow', si: reading.flow.mean })}</strong>
                    </td>
                    <td className={styles.right}>
                      {reading.flow.spread === null
                        ? 'not known'
                        : `±${words.show({ kind: 'flow', si: reading.flow.spread })}`}
                      <small className={styles.of}>
                        {' '}
                        {reading.flow.flows.length} {reading.flow.flows.length === 1 ? 'filling' : 'fillings'}
                      </small>
                    </td>
                    <td className={styles.right}>
                      {
                        words.parts({
                          kind: 'turnover',
                          si: turnover(reading.flow.mean, netVolume(tank.water).value),
                        }).number
                      }{' '}
                      ×
                    </td>
                    <td>
                      <button type="button" className={styles.link} onClick={() => removeReading(reading.id)}>
                        Delete
                        <span className="unseen">
                          {' '}
                          the flow of {words.date(reading.at, { dateStyle: 'long' })}
                        </span>
                      </button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          {newestFirst.length <= ROWS ? null : (
            <p className="quiet">
              {words.number(first + 1)} to {words.number(Math.min(first + ROWS, newestFirst.length))} of{' '}
              {words.number(newestFirst.length)}, newest first
            </p>
          )}
          <PageButtons from={first} size={ROWS} total={newestFirst.length} onFrom={setFrom} />
          {newestFirst.length === 0 ? <p className="quiet">No flow measured yet.</p> : null}
        </section>
      </div>
    </FilterLayout>
  );
}
