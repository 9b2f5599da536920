'use client';
import { withEntry } from '../log/withEntries';
import { useLog } from '../log/useLog';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import { linearScale } from '../drawing/linearScale';
import { addDays, parseISO } from 'date-fns';
import { useMemo, useRef, useState } from 'react';
import { SWAP_LIMITS } from '@/core/biology/planSwap';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import { filmSurvival, secondsOutOfFlow } from '@/core/job/outOfFlowClock';
import type { Layer } from '@/core/layers/layer';
import { type Surroundings } from '@/core/report/surroundings';
import { repackedMedia, tankBiology } from '@/core/report/tankBiology';
import { withAssumedFood } from '@/core/report/verdict';
import { cloudyCause } from '@/core/water-tests/cloudyCause';
import { donorWords } from '@/core/water-tests/donorWords';
import { lossCauses } from '@/core/water-tests/lossCauses';
import { waterTestAdvice, testsOf } from '@/core/water-tests/waterTestAdvice';
import { expectedWater, type LastRepack, type ExpectedWater } from '@/core/water-tests/expectedWater';
import { uvOnDate } from '@/core/water-tests/uvOnDate';
import { useWidth } from '../drawing/useWidth';
import { useWords } from '../fields/UnitsProvider';
import { VerdictBanner } from '../frame/VerdictBanner';
import { FilterLayout } from '../frame/FilterLayout';
import { LANE_LEFT_PX, LANE_RIGHT_PX, WaterLane } from '../swap/WaterLane';
import { EntryTable } from './EntryTable';
import { EventForms } from './EventForms';
import { TestForm } from './TestForm';
import styles from './WaterTestsPage.module.css';
import { daysBetween } from '@/core/units/daysBetween';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  readonly around: Surroundings;
  /** What is in the filter now, as far as is known. */
  readonly layers: readonly Layer[];
  /** Time in which it takes a cloud of fines down to a tenth, s. */
  readonly clearing: number;
  /** The last finished repack: its record, the layers found, and those packed; null: none is known. */
  readonly repack: {
    readonly job: Job;
    readonly found: readonly Layer[];
    readonly packed: readonly Layer[];
  } | null;
  readonly log: readonly LogEntry[];
  readonly tankLog: readonly LogEntry[];
  readonly now: string;
}

const CAUSES: Readonly<Record<ExpectedWater['cause'], string>> = {
  swap: 'Since the swap began',
  repack: 'Since the last repack',
  rest: 'No recent changes',
};

/** After media was changed: what ammonia and nitrite should do, what they do, and what to do about it. */
export function WaterTestsPage({
  filter,
  job,
  around,
  layers,
  clearing,
  repack,
  log: stored,
  tankLog,
  now: loaded,
}: Props) {
  const words = useWords();
  const [log, setLog] = useServerState(stored);
  const [fresh, setFresh] = useState<string | null>(null);
  const now = fresh ?? loaded;
  const testForm = useRef<HTMLElement>(null);
  const [saveIn, setSaveIn] = useState<HTMLElement | null>(null);
  const { tank } = around;
  const all = useMemo(() => [...log, ...tankLog], [log, tankLog]);
  const biology = useMemo(
    () => tankBiology({ tank, filter, layers, others: around.others, now: around.now }),
    [tank, filter, layers, around],
  );
  const outOfFlow =
    repack === null ? 0 : secondsOutOfFlow(repack.job.outOfFlow, repack.job.finishedAt ?? loaded);
  const last = useMemo<LastRepack | null>(() => {
    if (repack === null || repack.job.finishedAt === null) return null;
    const media = repackedMedia(
      { tank, filter, layers: repack.packed, others: around.others, now: repack.job.finishedAt },
      repack.found,
      around.schools.rinseWater,
      filmSurvival(outOfFlow),
    );
    return { at: repack.job.finishedAt, media };
  }, [repack, tank, filter, around, outOfFlow]);
  const course = useMemo(
    () => (biology === null ? null : expectedWater(biology, filter.swap, last, all, loaded)),
    [biology, filter.swap, last, all, loaded],
  );
  const causes =
    course?.cause === 'repack' && last !== null && repack !== null
      ? lossCauses(last.media, repack.found, around.schools.rinseWater, outOfFlow)
      : [];
  const donor = donorWords(tank.airFilters, now);
  const advice =
    course === null
      ? null
      : waterTestAdvice(course, all, { celsius: tank.temperature, pH: tank.pH, now }, [
          ...causes,
          ...(donor === null ? [] : [donor]),
        ]);
  const cloudy = [...all].reverse().find((entry) => entry.kind === 'cloudy');
  const lastTest = testsOf(all, now).at(-1);
  const cloud =
    cloudy?.kind === 'cloudy' && daysBetween(cloudy.at, now) < 7
      ? cloudyCause({
          days: last === null ? null : daysBetween(last.at, cloudy.at),
          rinsed: cloudy.rinsed,
          ammonia:
            lastTest !== undefined && daysBetween(lastTest.at, cloudy.at) < 2 ? lastTest.ammonia : null,
          clearing,
        })
      : null;
  const uv = last === null ? null : uvOnDate(filter, last.at, last.media.kept, now);
  const jobId = course?.cause === 'repack' ? (repack?.job.id ?? null) : null;
  const put = (gone: LogEntry | null, come: LogEntry | null) => {
    if (come !== null) setFresh(new Date().toISOString());
    setLog((entries) => withEntry(entries, gone, come));
  };
  const add = (entry: LogEntry) => put(null, entry);
  const actions = useLog(filter.id, jobId, put);
  return (
    <FilterLayout page="Water tests" filter={filter} job={job} here="water-tests">
      <VerdictBanner
        verdict={advice === null ? NO_FOOD : withAssumedFood(advice.verdict, tank)}
        slot={setSaveIn}
        action={
          <Button variant="contained" onClick={() => testForm.current?.querySelector('input')?.focus()}>
            Enter a test
          </Button>
        }
      />
      <div className={styles.sheet}>
        <div className={styles.entry}>
          <section aria-label="Test" ref={testForm}>
            <h2 className={`caption ${styles.heading}`}>Enter a test</h2>
            <TestForm filterId={filter.id} jobId={jobId} onSaved={add} saveIn={saveIn} />
          </section>
          <section aria-label="Other events">
            <h2 className={`caption ${styles.heading}`}>Other events</h2>
            <EventForms filterId={filter.id} jobId={jobId} onSaved={add} />
          </section>
        </div>
        <div className={styles.course}>
          {course === null || advice === null ? (
            <p className="quiet">The daily food is 0, so no ammonia is expected.</p>
          ) : (
            <>
              {advice.todo.length === 0 ? null : (
                <section aria-label="What to do">
                  <h2 className={`caption ${styles.heading}`}>What to do</h2>
                  <ol className={styles.todo}>
                    {advice.todo.map((item, index) => (
                      <li key={index}>{words.say(item)}</li>
                    ))}
                  </ol>
                </section>
              )}
              {course.cause === 'repack' && last?.media.newTank === true ? (
                <p className={styles.cloud}>
                  This is treated as a new tank, because the filter was empty and there is no other filter.
                  Mature media from a healthy tank shortens the wait.
                </p>
              ) : null}
              {cloud === null ? null : (
                <p role="status" className={styles.cloud}>
                  {words.say(cloud.said)}
                </p>
              )}
              {uv === null ? null : (
                <p className={styles.cloud}>
                  UV lamp off until {words.date(uv, { weekday: 'short', day: 'numeric', month: 'short' })}. It
                  would kill bacteria on their way to the new media. After that, leave it on all the time.
                </p>
              )}
              <Lanes course={course} log={all} now={now} />
            </>
          )}
          <EntryTable log={log} actions={actions} />
          <p className="quiet">
            These are estimates for fresh water, not brackish water: trust your test kit. Dechlorinate all
            water that touches biological media. If the animals show distress, or ammonia or nitrite stays
            high, change water, feed less and ask an aquatic vet.
          </p>
        </div>
      </div>
    </FilterLayout>
  );
}

const NO_FOOD = {
  level: 'check',
  state: ['The daily food is 0, so no ammonia is expected.'],
  next: ['If you feed this tank, enter the food under Measure.'],
} as const;

/** What the water was expected to do and what was read, by day. */
function Lanes({ course, log, now }: { course: ExpectedWater; log: readonly LogEntry[]; now: string }) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(760);
  const { days, from, bands, cause } = course;
  const x = linearScale([0, days], [LANE_LEFT_PX, width - LANE_RIGHT_PX]);
  const dayOf = (at: string): number => daysBetween(from, at);
  const within = (at: string): boolean => dayOf(at) >= 0 && dayOf(at) <= days;
  const changes = log.filter((entry) => entry.kind === 'water change' && within(entry.at));
  const tests = testsOf(log, now).filter(({ at }) => within(at));
  return (
    <section aria-label="Expected and measured" ref={room}>
      <h2 className={`caption ${styles.heading}`}>
        {CAUSES[cause]}, {words.date(from, { day: 'numeric', month: 'short' })} to{' '}
        {words.date(addDays(parseISO(from), days), { day: 'numeric', month: 'short' })}; rings are readings,
        dashes are water changes
      </h2>
      {(['ammonia', 'nitrite'] as const).map((key) => {
        const readings = tests.flatMap((test) =>
          test[key] === null ? [] : [{ day: dayOf(test.at), value: test[key] }],
        );
        const newest = readings.at(-1);
        return (
          <WaterLane
            key={key}
            name={key === 'ammonia' ? 'Ammonia' : 'Nitrite'}
            band={bands[key]}
            limit={SWAP_LIMITS[key]}
            x={x}
            width={width}
            days={days}
            marks={[
              ...(within(now) ? [{ day: dayOf(now), past: true }] : []),
              ...changes.map(({ at }) => ({ day: dayOf(at), past: false })),
            ]}
            readings={readings}
            says={
              newest === undefined
                ? 'not tested'
                : `last test ${words.show({ kind: 'concentration', si: newest.value })}`
            }
          />
        );
      })}
      <div className={styles.axis} aria-hidden="true">
        {x.ticks(8).map((day) => (
          <span key={day} style={{ left: x(day) }}>
            {day === 0 ? 'day 0' : words.number(day, 0)}
          </span>
        ))}
      </div>
    </section>
  );
}
