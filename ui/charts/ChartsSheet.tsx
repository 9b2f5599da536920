'use client';
import Button from '@mui/material/Button';
import { linearScale } from '../drawing/linearScale';
import { useMemo } from 'react';
import { dueList } from '@/core/care/due';
import { careMonths, monthOf } from '@/core/care/careMonths';
import { isOut } from '@/core/job/isOut';
import { outlookVerdict, whileRepacking } from '@/core/outlook/outlookVerdict';
import { whyNoForecast } from '@/core/outlook/whyNoForecast';
import { COURSE_STEP } from '@/core/outlook/courseStep';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Layer } from '@/core/layers/layer';
import { assumedFood } from '@/core/tank/feedPerDay';
import type { Tank } from '@/core/tank/tank';
import type { Shelf } from '@/core/shelf/shelf';
import type { OutlookState } from '@/store/outlooks';
import { useWidth } from '../drawing/useWidth';
import { AppLink } from '../frame/AppLink';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { FilterLayout } from '../frame/FilterLayout';
import { VerdictBanner } from '../frame/VerdictBanner';
import { OutlookProgress } from '../outlook/OutlookProgress';
import { todayAction } from '../outlook/todayAction';
import { useOutlook } from '../outlook/useOutlook';
import { outletLimit } from '@/core/dirt/serviceLimits';
import { ChartLanes } from './ChartLanes';
import { LEFT_PX, RIGHT_PX, type ChartView } from './chartView';
import styles from './Charts.module.css';
import { monthTicks } from './chartWindow';
import { DayReader } from './DayReader';
import { DaysShown } from './DaysShown';
import { flowReadings } from './flowReadings';
import { MonthTable } from './MonthTable';
import { useChartDays } from './useChartDays';
import { WindowBrush } from './WindowBrush';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  readonly tank: Tank;
  readonly layers: readonly Layer[];
  /** A finished repack says what is in the filter. */
  readonly isPacked: boolean;
  readonly outlook: OutlookState;
  /** Of the filter, and what was logged of its tank at other filters. */
  readonly log: readonly LogEntry[];
  readonly shelf: Shelf;
  readonly electricityPrice: number | null;
  /** ISO moment of looking. */
  readonly now: string;
}

/** The story of a filter on one axis of days: flow, pressure, water, minutes and money, as it was and as it is likely to be. */
export function ChartsSheet({
  filter,
  job,
  tank,
  layers,
  isPacked,
  outlook: first,
  log,
  shelf,
  electricityPrice,
  now,
}: Props) {
  const [room, width] = useWidth<HTMLDivElement>(1200);
  const work = useOutlook(filter.id, first);
  const { outlook } = work.state;
  const ahead = outlook?.forecast ?? null;
  const why = whyNoForecast(isPacked, work.failed);
  const days = useChartDays(log, ahead?.packedAt ?? null, now);
  const { origin, today, last, from, to, day, dateOf, momentOf, show } = days;
  const view: ChartView = {
    x: linearScale([from, to], [LEFT_PX, width - RIGHT_PX]),
    ...{ width, from, to, today, day, dateOf },
    onDay: days.pick,
  };
  const flows = useMemo(
    () => flowReadings(filter.id, log, outlook, origin),
    [filter.id, log, outlook, origin],
  );
  const firstMonth = monthOf(momentOf(from).toISOString());
  const lastMonth = monthOf(momentOf(to).toISOString());
  const months = useMemo(
    () => careMonths({ filter, layers, log, ahead, shelf, electricityPrice }, firstMonth, lastMonth),
    [filter, layers, log, ahead, shelf, electricityPrice, firstMonth, lastMonth],
  );
  const due = useMemo(
    () => dueList({ filter, tank, layers, outlook, log, now }),
    [filter, tank, layers, outlook, log, now],
  );
  const verdict = outlookVerdict(outlook, now, why, assumedFood(tank));
  const action = todayAction({ filterId: filter.id, job, due, isKnown: layers.length > 0 });
  const mostFlow = Math.max(1e-9, ...flows.map(({ value }) => value));
  return (
    <FilterLayout
      filter={filter}
      job={job}
      here="charts"
      shortcuts={[{ keys: '← →', does: 'in “Day”, a day back or forward' }]}
    >
      <VerdictBanner
        verdict={job !== null && isOut(job.stage) ? whileRepacking(verdict) : verdict}
        action={
          <Button variant="contained" component={AppLink} href={action.href}>
            {action.label}
          </Button>
        }
      />
      <div className={styles.sheet}>
        <DaysShown days={days} />
        <OutlookProgress {...work} />
        <div className={styles.lanes} ref={room}>
          <svg width="0" height="0" aria-hidden="true" style={{ position: 'absolute' }}>
            <clipPath id="plot">
              <rect x={LEFT_PX} y="0" width={Math.max(0, width - LEFT_PX - RIGHT_PX)} height="400" />
            </clipPath>
          </svg>
          <WindowBrush
            width={width}
            extent={[0, last]}
            window={[from, to]}
            onWindow={([low, high]) => show(low, high)}
            readings={flows.map(({ id, day: on, value }) => ({ id, day: on, height: value / mostFlow }))}
            ticks={monthTicks(momentOf(0), last, width).map(({ day: on, at }) => ({
              day: on,
              said: days.monthOf(at),
            }))}
          />
          <DayReader {...days} />
          <ChartLanes
            {...{ view, origin, layers, log, flows, ahead, months }}
            limitShare={outletLimit(filter)}
            why={why}
          />
          <div className={styles.axis} aria-hidden="true" suppressHydrationWarning>
            {view.x.ticks(Math.max(2, Math.floor(width / 130))).map((on) => (
              <span key={on} style={{ left: view.x(on) }}>
                {dateOf(on)}
              </span>
            ))}
          </div>
        </div>
        <CollapsibleSection title="The charts as a table" says="month by month, for the days shown">
          <MonthTable months={months} />
        </CollapsibleSection>
        <p className="quiet">
          The forecast assumes that you clean and change nothing. Points are every {COURSE_STEP} days. The
          flow as a table, week by week, is on Today.
        </p>
      </div>
    </FilterLayout>
  );
}
