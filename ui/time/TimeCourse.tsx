'use client';
import Pause from '@mui/icons-material/Pause';
import PlayArrow from '@mui/icons-material/PlayArrow';
import Slider from '@mui/material/Slider';
import { linearScale } from '../drawing/linearScale';
import { useEffect, useState } from 'react';
import type { ServiceBy } from '@/core/dirt/serviceMeasures';
import type { QuantityKind } from '@/core/units/quantity';
import { fromSi } from '@/core/units/unitTable';
import { CourseLine, RangeBand } from '../drawing/CourseLine';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { useWidth } from '../drawing/useWidth';
import { GridLines } from '../drawing/ValueAxis';
import { useWords } from '../fields/UnitsProvider';
import { Explanation } from '../frame/Explanation';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { FailedForecast } from './FailedForecast';
import { formatServiceDay } from './serviceWords';
import { timeScale } from './timeScale';
import type { TimeStripProps } from './timeStripProps';
import styles from './TimeStrip.module.css';
import type { FoundForecast } from './useForecast';
import { isWorkingOut } from './useRange';

// Loaded when visits are planned.
const VisitMarks = lazyPart(() => import('./VisitMarks').then((module) => module.VisitMarks));

const HEIGHT = 74;
const TOP = 8;
const FOOT = 4;
/** Times the most of a course that the drawing reaches up to, and share of it up to which lines are marked. */
const HEADROOM_FACTOR = 1.08;
const TICKS_UNDER = 0.85;
/** Days between the marks of the axis. */
const DAYS_BETWEEN_MARKS = 60;
/** Playing: milliseconds from one picture to the next, and days that pass. */
const FRAME = 60;
const DAYS_A_FRAME = 2;

interface TimeCourseProps extends TimeStripProps {
  readonly forecast: NonNullable<FoundForecast['forecast']>;
}

/** The course of what decides service, with the day that the bench shows, and its tools. */
export function TimeCourse(props: TimeCourseProps) {
  const { failed, retry, range, forecast, day, onDay } = props;
  usePreload(VisitMarks);
  const [playing, setPlaying] = useState(false);
  const { days } = forecast.simulation;
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => {
      if (day >= days) setPlaying(false);
      else onDay(Math.min(days, day + DAYS_A_FRAME));
    }, FRAME);
    return () => clearTimeout(timer);
  }, [playing, day, days, onDay]);
  return (
    <>
      <Course {...props} />
      <div className={styles.tools}>
        <button
          type="button"
          className={styles.play}
          onClick={() => {
            if (!playing && day >= days) onDay(0);
            setPlaying(!playing);
          }}
        >
          {playing ? <Pause fontSize="inherit" /> : <PlayArrow fontSize="inherit" />}{' '}
          {playing ? 'stop' : 'play'}
        </button>
        {failed ? <FailedForecast onRetry={retry} /> : null}
        {range?.failed === true ? <span role="alert">The likely range could not be worked out.</span> : null}
        <span className={styles.progress} data-working={isWorkingOut(range)}>
          {isWorkingOut(range) ? (
            <>
              <progress value={range.done} aria-label="Likely range" /> likely range
            </>
          ) : null}
        </span>
      </div>
    </>
  );
}

/** What the course is in, by what decides service. */
const KINDS: Readonly<Record<ServiceBy, QuantityKind>> = {
  through: 'flow',
  headroom: 'gap',
  kept: 'share',
  sponge: 'share',
};
const COURSES: Readonly<Record<ServiceBy, string>> = {
  through: 'Flow through the pack',
  headroom: 'Water below the rim',
  kept: 'Dirt caught by the mechanical layers',
  sponge: 'Space left in the sponge',
};

function Course({ forecast, range, stale, day, onDay, visits, onVisits }: TimeCourseProps) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(640);
  const { course, simulation } = forecast;
  const kind = KINDS[course.by];
  const clean = simulation[course.by][0] ?? 0;
  const inUnit = (share: number): number => fromSi(share * clean, words.unit(kind));
  const x = timeScale(simulation.days, width);
  const known = range?.range ?? null;
  const lowest = Math.min(0, forecast.lowestShare);
  const most = Math.max(1, ...course.course, ...(known?.high ?? []));
  const y = linearScale([inUnit(lowest), inUnit(HEADROOM_FACTOR * most)], [HEIGHT - FOOT, TOP]);
  const [left, right] = [x(0), x(simulation.days)];
  const said = formatServiceDay(words, forecast, known);
  const what = COURSES[course.by];
  const ticks = y.ticks(3).filter((tick) => tick < TICKS_UNDER * inUnit(most));
  const limitSaid =
    course.by === 'headroom'
      ? words.show({ kind: 'gap', si: course.limit * clean })
      : `${words.show({ kind: 'share', si: course.limit })} of clean`;
  return (
    <>
      <div className={styles.head}>
        <h2 className="caption">
          {what}, {words.unit(kind).symbol}, and likely range
          <Explanation of="Likely range" />
        </h2>
        <strong className={styles.said} data-testid="service-said" data-stale={stale}>
          {said}
        </strong>
      </div>
      <div ref={room} className={styles.room}>
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`${what} over ${simulation.days} days: ${words.show({ kind, si: clean })} clean; ${said}.`}
          className={styles.chart}
          data-stale={stale}
        >
          <GridLines y={y} ticks={ticks} left={left} right={right} />
          {known === null ? null : (
            <RangeBand
              points={Array.from(known.low, (low, index) => ({
                x: x(index),
                low: y(inUnit(Math.max(lowest, low))),
                high: y(inUnit(known.high[index] ?? 0)),
              }))}
            />
          )}
          <LimitLine y={y(inUnit(course.limit))} left={left} right={right} says={limitSaid} />
          <CourseLine
            points={Array.from(course.course, (value, index) => ({ x: x(index), y: y(inUnit(value)) }))}
          />
          {ticks.map((tick) => (
            <text key={tick} x={left + 3} y={y(tick) - 3} className={styles.tick}>
              {words.number(tick)}
            </text>
          ))}
          <DayLine x={x(day)} top={TOP} foot={HEIGHT} as="now" />
        </svg>
        {visits.length === 0 ? null : (
          <VisitMarks x={x} days={simulation.days} visits={visits} onVisits={onVisits} />
        )}
        <Slider
          className={styles.slider}
          min={0}
          max={simulation.days}
          value={day}
          aria-label="Day"
          getAriaValueText={(value) => `day ${words.number(value)}`}
          onChange={(_, value) => onDay(value)}
        />
        <div className={styles.axis} aria-hidden="true">
          {Array.from(
            { length: Math.floor(simulation.days / DAYS_BETWEEN_MARKS) + 1 },
            (_, at) => at * DAYS_BETWEEN_MARKS,
          ).map((item) => (
            <span key={item} style={{ left: x(item) }}>
              {item === 0 ? 'day 0' : words.number(item)}
            </span>
          ))}
        </div>
      </div>
    </>
  );
}
