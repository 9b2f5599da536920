import { nice } from 'd3-array';
import { linearScale } from '../drawing/linearScale';
import { isAfter, min, parseISO, subDays } from 'date-fns';
import type { ChartFlow } from '@/core/service/chartFlow';
import { fromSi } from '@/core/units/unitTable';
import { CourseLine } from '../drawing/CourseLine';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { ValueAxis } from '../drawing/ValueAxis';
import type { Words } from '../fields/wordsFor';
import styles from './FlowChart.module.css';

const WIDTH = 290;
const HEIGHT = 92;
const FOOT = 18;
const TOP = 8;
const LEFT = 30;
/** Room for “today” at the right. */
const RIGHT = WIDTH - 34;
/** How far back the chart looks at least, days. */
const MIN_DAYS = 30;

interface Props {
  readonly flow: ChartFlow;
  /** ISO moments at which the filter was repacked. */
  readonly repacks: readonly string[];
  readonly now: string;
  readonly name: string;
  readonly words: Words;
}

/**
 * The flows timed in the last half year, stretch by stretch between repacks, against the service limit. Given its words, so
 * that the server can draw it too.
 */
export function FlowChart({ flow, repacks: moments, now, name, words }: Props) {
  const end = parseISO(now);
  const shown = flow.readings;
  if (shown.length === 0) return <p className="quiet">No flow measured in the last half year.</p>;
  const inUnit = (si: number): number => fromSi(si, words.unit('flow'));
  const top = Math.max(...shown.map((reading) => reading.mean + (reading.spread ?? 0)));
  const start = min([subDays(end, MIN_DAYS), ...shown.map((reading) => parseISO(reading.at))]);
  // Straight over the moments: the scale for dates brings a calendar along that nothing here needs.
  const toX = linearScale([start.getTime(), end.getTime()], [LEFT, RIGHT]);
  const toY = linearScale(nice(0, inUnit(top), 3), [HEIGHT - FOOT, TOP]);
  const x = (at: string): number => tenth(toX(parseISO(at).getTime()));
  const y = (value: number): number => tenth(toY(value));
  const repacks = moments.filter((at) => isAfter(parseISO(at), start));
  const stretches = splitAt(shown, repacks);
  const { limitShare } = flow;
  const limit = flow.clean === null || limitShare === null ? null : y(inUnit(flow.clean * limitShare));
  const newest = shown.at(-1);
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      suppressHydrationWarning
      aria-label={`Flow of ${name}: ${shown.length} readings, the newest ${newest === undefined ? '' : words.show({ kind: 'flow', si: newest.mean })}`}
      className={styles.chart}
    >
      <ValueAxis y={toY} ticks={toY.ticks(3)} left={LEFT} right={RIGHT} say={(tick) => words.number(tick)} />
      {repacks.map((at) => (
        <DayLine key={at} x={x(at)} top={TOP} foot={HEIGHT - FOOT} as="past" />
      ))}
      {limit === null ? null : <LimitLine y={limit} left={LEFT} right={RIGHT} />}
      {stretches.map((stretch) => (
        <CourseLine
          key={stretch[0]?.id}
          points={stretch.map((reading) => ({
            x: x(reading.at),
            y: y(inUnit(reading.mean)),
          }))}
        />
      ))}
      {shown.map((reading) => {
        const spread = inUnit(reading.spread ?? 0);
        const [cx, mean] = [x(reading.at), inUnit(reading.mean)];
        return (
          <g key={reading.id}>
            <path d={`M${cx} ${y(mean - spread)} V${y(mean + spread)}`} stroke="var(--ink)" />
            <circle cx={cx} cy={y(mean)} r={2.6} fill="var(--sheet)" stroke="var(--ink)" />
          </g>
        );
      })}
      <DayLine x={RIGHT} top={TOP} foot={HEIGHT - FOOT} as="now" />
      <text x={WIDTH - 30} y={14}>
        today
      </text>
      {limit === null || limitShare === null ? null : (
        <text x={WIDTH - 30} y={limit + 4} className={styles.limit}>
          {words.show({ kind: 'share', si: limitShare })}
        </text>
      )}
      <text x={LEFT} y={HEIGHT - 4}>
        {words.date(start, { month: 'short' })}
      </text>
      <text x={RIGHT} y={HEIGHT - 4} textAnchor="end">
        {words.date(end, { month: 'short' })}
      </text>
    </svg>
  );
}

/** Tenths of a px are as fine as anyone sees, and keep the page small. */
const tenth = (px: number): number => Math.round(px * 10) / 10;

/** Readings in the stretches between the moments given; empty stretches are left out. */
function splitAt<T extends { readonly at: string }>(
  readings: readonly T[],
  moments: readonly string[],
): T[][] {
  const bounds = ['', ...moments, '9'];
  return bounds
    .slice(1)
    .map((to, index) => readings.filter((reading) => reading.at >= (bounds[index] ?? '') && reading.at < to))
    .filter((stretch) => stretch.length > 0);
}
