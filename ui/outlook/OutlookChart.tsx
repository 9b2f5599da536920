'use client';
import { linearScale } from '../drawing/linearScale';
import { COURSE_STEP } from '@/core/outlook/courseStep';
import type { OutlookForecast } from '@/core/outlook/outlook';
import { DAY_MS } from '@/core/units/daysBetween';
import { fromSi } from '@/core/units/unitTable';
import { CourseLine, RangeBand } from '../drawing/CourseLine';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { ReadingMark } from '../drawing/ReadingMark';
import { useWidth } from '../drawing/useWidth';
import { ValueAxis } from '../drawing/ValueAxis';
import { useWords } from '../fields/UnitsProvider';
import styles from './OutlookChart.module.css';
import { Explanation } from '../frame/Explanation';

const HEIGHT = 190;
const TOP = 18;
const FOOT = 30;
const LEFT = 46;
const RIGHT = 14;
/** Days shown beyond the latest service, and at most. */
const DAYS_BEYOND_SERVICE = 14;
const MAX_SHOWN = 180;

/** A reading on the chart: days since the pack went in, m³/s. */
export interface ChartReading {
  readonly id: string;
  readonly day: number;
  readonly flow: number;
  readonly odd: boolean;
}

interface Props {
  readonly ahead: OutlookForecast;
  readonly readings: readonly ChartReading[];
  /** Days on which hands were in the filter. */
  readonly services: readonly number[];
  /** Days since the pack went in. */
  readonly today: number;
  /** Flow at the outlet at which service is due, as a share of the clean one; null: the outlet does not tell. */
  readonly limitShare: number | null;
}

/** Days that are drawn: to two weeks beyond the latest service, at most half a year from today. */
export const daysShown = (ahead: OutlookForecast, today: number): number =>
  Math.min(
    (ahead.flow.likely.length - 1) * COURSE_STEP,
    Math.max(
      today + DAYS_BEYOND_SERVICE,
      Math.min(today + MAX_SHOWN, (ahead.latest ?? ahead.likely ?? today) + DAYS_BEYOND_SERVICE),
    ),
  );

/** The flow of the pack that is in: as the log taught the model, with its likely range, what was read, and when service is due. */
export function OutlookChart({ ahead, readings, services, today, limitShare }: Props) {
  const words = useWords();
  const [room, width] = useWidth<HTMLDivElement>(760);
  const inUnit = (si: number): number => fromSi(si, words.unit('flow'));
  const end = daysShown(ahead, today);
  const shown = ahead.flow.likely.slice(0, Math.ceil(end / COURSE_STEP) + 1);
  const most = Math.max(...ahead.flow.high.slice(0, shown.length), ...readings.map(({ flow }) => flow));
  const lastDay = (shown.length - 1) * COURSE_STEP;
  const x = linearScale([0, lastDay], [LEFT, width - RIGHT]);
  const y = linearScale([0, inUnit(most) * 1.05], [HEIGHT - FOOT, TOP]);
  const at = (place: number): number => x(place * COURSE_STEP);
  const date = (day: number): string =>
    words.date(new Date(Date.parse(ahead.packedAt) + day * DAY_MS), { day: 'numeric', month: 'short' });
  const limit =
    ahead.by === 'through' && limitShare !== null ? (ahead.flow.likely[0] ?? 0) * limitShare : null;
  const from = Math.min(lastDay, ahead.earliest ?? Infinity);
  const to = Math.min(lastDay, ahead.latest ?? Infinity);
  const show = (si: number): string => words.show({ kind: 'flow', si });
  return (
    <figure ref={room} className={styles.chart}>
      <figcaption className="caption">
        Flow at the outlet, {words.unit('flow').symbol}: expected, with its likely range, and what was
        measured
        <Explanation of="Likely range" />
      </figcaption>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        suppressHydrationWarning
        aria-label={`Flow since ${date(0)}: expected ${show(ahead.flow.likely[Math.min(shown.length - 1, Math.round(today / COURSE_STEP))] ?? 0)} today; ${readings.length} readings`}
      >
        {ahead.earliest === null ? null : (
          <g>
            <rect
              x={x(from)}
              y={TOP}
              width={Math.max(3, x(to) - x(from))}
              height={HEIGHT - FOOT - TOP}
              className={styles.due}
            />
            <text x={Math.min(x(from), width - RIGHT - 80)} y={TOP - 5} className={styles.dueWord}>
              service due
            </text>
          </g>
        )}
        <ValueAxis
          y={y}
          ticks={y.ticks(4)}
          left={LEFT}
          right={width - RIGHT}
          say={(tick) => words.number(tick)}
        />
        <RangeBand
          points={shown.map((_, place) => ({
            x: at(place),
            low: y(inUnit(ahead.flow.low[place] ?? 0)),
            high: y(inUnit(ahead.flow.high[place] ?? 0)),
          }))}
        />
        <CourseLine points={shown.map((value, place) => ({ x: at(place), y: y(inUnit(value)) }))} />
        {limit === null ? null : (
          <LimitLine
            y={y(inUnit(limit))}
            left={LEFT}
            right={width - RIGHT}
            at="left"
            says={`limit ${words.show({ kind: 'share', si: limitShare ?? 0 })} of clean`}
          />
        )}
        {services.map((day, index) => (
          <DayLine key={index} x={x(day)} top={TOP} foot={HEIGHT - FOOT} as="past" />
        ))}
        <DayLine x={x(today)} top={TOP - 4} foot={HEIGHT - FOOT} as="now" />
        <text x={x(today)} y={HEIGHT - FOOT + 24} textAnchor="middle" className={styles.today}>
          today
        </text>
        {readings
          .filter(({ day }) => day <= lastDay)
          .map(({ id, day, flow, odd }) => (
            <ReadingMark key={id} x={x(day)} y={y(inUnit(flow))} odd={odd} />
          ))}
        {x.ticks(Math.max(2, Math.floor(width / 130))).map((day) => (
          <text key={day} x={x(day)} y={HEIGHT - FOOT + 12} textAnchor={day === 0 ? 'start' : 'middle'}>
            {date(day)}
          </text>
        ))}
      </svg>
    </figure>
  );
}
