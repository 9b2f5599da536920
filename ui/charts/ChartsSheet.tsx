'use client';
import Slider from '@mui/material/Slider';
import { scaleLinear } from 'd3-scale';
import { useMemo, useState } from 'react';
import { careMonths, monthOf } from '@/core/care/careMonths';
import { whyNoForecast } from '@/core/outlook/whyNoForecast';
import { COURSE_STEP } from '@/core/outlook/courseStep';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Layer } from '@/core/layers/layer';
import type { Shelf } from '@/core/shelf/shelf';
import { DAY_MS, daysBetween } from '@/core/units/daysBetween';
import type { Tank } from '@/core/tank/tank';
import type { OutlookState } from '@/store/outlooks';
import { useWidth } from '../drawing/useWidth';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { PageLayout } from '../frame/PageLayout';
import { stageLinks } from '../frame/stageLinks';
import { OutlookProgress } from '../outlook/OutlookProgress';
import { useOutlook } from '../outlook/useOutlook';
import { outletLimit } from '@/core/dirt/serviceLimits';
import { ChartLanes } from './ChartLanes';
import { LEFT_PX, RIGHT_PX, type ChartView } from './chartView';
import styles from './Charts.module.css';
import { DayField } from './DayField';
import { flowReadings } from './flowReadings';
import { MonthTable } from './MonthTable';
import { MIN_DAYS, WindowBrush } from './WindowBrush';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  readonly layers: readonly Layer[];
  /** A finished repack says what is in the filter. */
  readonly isPacked: boolean;
  readonly tank: Tank;
  readonly outlook: OutlookState;
  /** Of the filter, and what was logged of its tank at other filters. */
  readonly log: readonly LogEntry[];
  readonly shelf: Shelf;
  readonly electricityPrice: number | null;
  /** ISO moment of looking. */
  readonly now: string;
}

/** Days ahead that are shown at most: beyond them a forecast says little. */
const MAX_DAYS_AHEAD = 180;
/** Days that the charts begin with, back and ahead. */
const BACK_FIRST = 180;
const AHEAD_FIRST = 90;
/** Days back at least, so that there is room for what comes. */
const MIN_BACK = 30;

const SPANS = [
  { said: 'Last three months', back: 90, ahead: 14 },
  { said: 'Last six months and forecast', back: BACK_FIRST, ahead: AHEAD_FIRST },
  { said: 'Last year', back: 365, ahead: 30 },
  { said: 'Forecast only', back: 14, ahead: MAX_DAYS_AHEAD },
  { said: 'Everything', back: Infinity, ahead: MAX_DAYS_AHEAD },
] as const;

/** The story of a filter on one axis of days: flow, pressure, water, minutes and money, as it was and as it is likely to be. */
export function ChartsSheet({
  filter,
  job,
  layers,
  isPacked,
  tank,
  outlook: first,
  log,
  shelf,
  electricityPrice,
  now,
}: Props) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(1200);
  const work = useOutlook(filter.id, first);
  const { outlook } = work.state;
  const ahead = outlook?.forecast ?? null;
  // Days count from the midnight (UTC) of the first thing that is known.
  const origin = useMemo(
    () =>
      [
        ...log.map(({ at }) => at),
        ahead?.packedAt ?? now,
        new Date(Date.parse(now) - MIN_BACK * DAY_MS).toISOString(),
      ]
        .reduce((first, at) => (at < first ? at : first))
        .slice(0, 10),
    [log, ahead, now],
  );
  const dayOf = (at: string): number => daysBetween(origin, at);
  const today = dayOf(now);
  const last = Math.ceil(today + MAX_DAYS_AHEAD);
  const within = (day: number): number => Math.min(last, Math.max(0, Math.round(day)));
  const [chosen, setChosen] = useState<readonly [number, number]>([
    within(today - BACK_FIRST),
    within(today + AHEAD_FIRST),
  ]);
  const [picked, setPicked] = useState<number | null>(null);
  const [from, to] = chosen;
  const day = Math.min(to, Math.max(from, picked ?? Math.floor(today)));
  const momentOf = (count: number): Date => new Date(Date.parse(origin) + count * DAY_MS);
  const dateOf = (count: number): string =>
    words.date(momentOf(count), { day: 'numeric', month: 'short', timeZone: 'UTC' });
  const longDate = (count: number): string =>
    words.date(momentOf(count), {
      weekday: 'short',
      day: 'numeric',
      month: 'long',
      year: 'numeric',
      timeZone: 'UTC',
    });
  const show = (low: number, high: number): void => {
    const first = Math.min(within(low), last - MIN_DAYS);
    setChosen([first, Math.max(within(high), first + MIN_DAYS)]);
  };
  const view: ChartView = {
    x: scaleLinear([from, to], [LEFT_PX, width - RIGHT_PX]),
    ...{ width, from, to, today, day, dateOf },
    onDay: (value) => setPicked(Math.round(Math.min(to, Math.max(from, value)))),
  };
  const flows = useMemo(
    () => flowReadings(filter.id, log, outlook, origin),
    [filter.id, log, outlook, origin],
  );
  const months = useMemo(
    () =>
      careMonths(
        { filter, layers, log, ahead, shelf, electricityPrice },
        monthOf(new Date(Date.parse(origin) + from * DAY_MS).toISOString()),
        monthOf(new Date(Date.parse(origin) + to * DAY_MS).toISOString()),
      ),
    [filter, layers, log, ahead, shelf, electricityPrice, origin, from, to],
  );
  const mostFlow = Math.max(1e-9, ...flows.map(({ value }) => value));
  const dates = [from, to].map((count) => momentOf(count).toISOString().slice(0, 10));
  return (
    <PageLayout
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, job, 'charts')}
      linksLabel="Stages"
      shortcuts={[{ keys: '← →', does: 'in “Day”, a day back or forward' }]}
    >
      <div className={styles.sheet}>
        <div className={styles.window} role="group" aria-label="Days shown">
          <DayField
            label="From"
            value={dates[0] ?? ''}
            within={[momentOf(0), momentOf(last)]}
            onDay={(date) => show(dayOf(date), Math.max(dayOf(date), to))}
          />
          <DayField
            label="To"
            value={dates[1] ?? ''}
            within={[momentOf(0), momentOf(last)]}
            onDay={(date) => show(Math.min(from, dayOf(date) - MIN_DAYS), dayOf(date))}
          />
          <p className={styles.spans}>
            {SPANS.map(({ said, back, ahead: later }) => {
              const [low, high] = [within(today - back), within(today + later)];
              return (
                <button
                  key={said}
                  type="button"
                  aria-pressed={low === from && high === to}
                  onClick={() => show(low, high)}
                >
                  {said}
                </button>
              );
            })}
            <AppLink href={`/filter/${filter.id}/care`}>Log and care</AppLink>
          </p>
        </div>
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
            window={chosen}
            onWindow={([low, high]) => show(low, high)}
            readings={flows.map(({ id, day: on, value }) => ({ id, day: on, height: value / mostFlow }))}
            ticks={monthTicks(momentOf(0), last, width).map(({ day: on, at }) => ({
              day: on,
              said: words.date(at, { month: 'short', year: '2-digit', timeZone: 'UTC' }),
            }))}
          />
          <div className={styles.day}>
            <div style={{ marginLeft: LEFT_PX, marginRight: RIGHT_PX }}>
              <Slider
                min={from}
                max={to}
                value={day}
                aria-label="Day"
                getAriaValueText={(value) => longDate(value)}
                onChange={(_, value) => setPicked(value)}
              />
            </div>
            <p role="status" className={styles.caption}>
              <strong suppressHydrationWarning>
                {longDate(day)}
                {day === Math.floor(today) ? ', today' : ''}
              </strong>
            </p>
          </div>
          <ChartLanes
            {...{ view, origin, layers, log, flows, ahead, months }}
            limitShare={outletLimit(filter)}
            why={whyNoForecast(isPacked, tank, work.failed)}
          />
          <div className={styles.axis} aria-hidden="true" suppressHydrationWarning>
            {view.x.ticks(Math.max(2, Math.floor(width / 130))).map((on) => (
              <span key={on} style={{ left: view.x(on) }}>
                {dateOf(on)}
              </span>
            ))}
          </div>
        </div>
        <CollapsibleSection lazy title="The charts as a table" says="month by month, for the days shown">
          <MonthTable months={months} />
        </CollapsibleSection>
        <p className="quiet">
          The forecast assumes that you clean and change nothing. Points are every {COURSE_STEP} days. The
          flow as a table, week by week, is under Care.
        </p>
      </div>
    </PageLayout>
  );
}

/** px that the name of a month takes. */
const MONTH_ROOM = 64;
const MONTH_DAYS = 30.4;

/** Months that are named below all days, so few that they fit. */
function monthTicks(first: Date, last: number, width: number): { day: number; at: Date }[] {
  const every = Math.max(1, Math.ceil(((last / MONTH_DAYS) * MONTH_ROOM) / width));
  const ticks: { day: number; at: Date }[] = [];
  const at = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 1));
  for (let day = 0; ; at.setUTCMonth(at.getUTCMonth() + every)) {
    day = (at.getTime() - first.getTime()) / DAY_MS;
    if (day > last - MONTH_DAYS / 2) return ticks;
    ticks.push({ day, at: new Date(at) });
  }
}
