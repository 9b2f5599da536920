import { linearScale } from '../drawing/linearScale';
import type { UncertaintyBand } from '@/core/biology/courseRange';
import { SAMPLES } from '@/core/biology/cycleCourse';
import { fromSi } from '@/core/units/unitTable';
import { CourseLine, RangeBand } from '../drawing/CourseLine';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { ValueAxis } from '../drawing/ValueAxis';
import { useWords } from '../fields/UnitsProvider';
import styles from './SwapChart.module.css';

export const LANE_HEIGHT = 150;
const FOOT = 18;
/** Room at both ends of the days, px. */
export const LANE_LEFT_PX = 34;
export const LANE_RIGHT_PX = 12;

interface Props {
  readonly name: string;
  readonly band: UncertaintyBand;
  /** kg N/m³ */
  readonly limit: number;
  readonly x: (day: number) => number;
  readonly width: number;
  readonly days: number;
  /** Days on which something happens; what has happened is a full line. */
  readonly marks: readonly { readonly day: number; readonly past: boolean }[];
  /** Readings of a test kit, kg N/m³. */
  readonly readings?: readonly { readonly day: number; readonly value: number }[];
  /** Caption in place of the highest value. */
  readonly says?: string;
}

/** What one value of the water is expected to do over the days, with its likely range, its limit, and what was read. */
export function WaterLane({ name, band, limit, x, width, days, marks, readings = [], says }: Props) {
  const words = useWords();
  const inUnit = (si: number): number => fromSi(si, words.unit('concentration'));
  const highest = Math.max(limit * 1.4, ...band.high, ...readings.map(({ value }) => value * 1.05));
  const y = linearScale([0, inUnit(highest)], [LANE_HEIGHT - FOOT, 8]);
  const at = (sample: number): number => x(sample / SAMPLES);
  const right = width - LANE_RIGHT_PX;
  const likely = [...band.likely];
  const peak = Math.max(...likely);
  const show = (si: number): string => words.show({ kind: 'concentration', si });
  const read = readings.map(({ value }) => show(value)).join(', ');
  return (
    <figure className={styles.lane}>
      <figcaption className={styles.caption}>
        <span className="caption">
          {name}, {words.unit('concentration').symbol} as nitrogen (N): expected and likely range
        </span>
        <strong data-over={peak > limit}>
          {says ??
            `highest ${show(peak)}; likely range ${show(Math.min(peak, Math.max(...band.low)))} to ${show(Math.max(...band.high))}`}
        </strong>
      </figcaption>
      <svg
        width={width}
        height={LANE_HEIGHT}
        role="img"
        aria-label={`${name} over ${days} days: highest ${show(peak)}, limit ${show(limit)}${read === '' ? '' : `; read: ${read}`}`}
      >
        <ValueAxis
          y={y}
          ticks={y.ticks(4)}
          left={LANE_LEFT_PX}
          right={right}
          say={(tick) => words.number(tick)}
        />
        <RangeBand
          points={likely.map((_, sample) => ({
            x: at(sample),
            low: y(inUnit(band.low[sample] ?? 0)),
            high: y(inUnit(band.high[sample] ?? 0)),
          }))}
        />
        <CourseLine points={likely.map((value, sample) => ({ x: at(sample), y: y(inUnit(value)) }))} />
        <LimitLine y={y(inUnit(limit))} left={LANE_LEFT_PX} right={right} says={`limit ${show(limit)}`} />
        {marks.map(({ day, past }, index) => (
          <DayLine
            key={index}
            x={x(Math.min(days, day))}
            top={4}
            foot={LANE_HEIGHT - FOOT}
            as={past ? 'now' : 'planned'}
          />
        ))}
        {readings.map(({ day, value }, index) => (
          <g key={index} transform={`translate(${x(day)} ${y(inUnit(value))})`}>
            <circle
              r={5}
              fill="var(--sheet)"
              stroke={value > limit ? 'var(--stop)' : 'var(--ink)'}
              strokeWidth={2}
            />
            <text x={9} y={4} className={styles.reading} data-over={value > limit}>
              {words.parts({ kind: 'concentration', si: value }).number}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}
