'use client';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { isAfter, min, parseISO, subDays } from 'date-fns';
import type { ChartFlow } from '@/core/service/chartFlow';
import { fromSi } from '@/core/units/unitTable';
import { useWords } from '../fields/UnitsProvider';
import styles from './FlowChart.module.css';

const WIDTH = 300;
const HEIGHT = 104;
const FOOT = 18;
const LEFT = 30;
/** How far back the chart looks at least, days. */
const MIN_DAYS = 30;

interface Props {
  readonly flow: ChartFlow;
  /** ISO moments at which the filter was repacked. */
  readonly repacks: readonly string[];
  readonly now: string;
  readonly name: string;
}

/** The flows timed in the last half year, stretch by stretch between repacks, against the service limit. */
export function FlowChart({ flow, repacks: moments, now, name }: Props) {
  const words = useWords();
  const end = parseISO(now);
  const shown = flow.readings;
  if (shown.length === 0) return <p className="quiet">No flow measured in the last half year.</p>;
  const inUnit = (si: number): number => fromSi(si, words.unit('flow'));
  const top = Math.max(...shown.map((reading) => reading.mean + (reading.spread ?? 0)));
  const start = min([subDays(end, MIN_DAYS), ...shown.map((reading) => parseISO(reading.at))]);
  // Straight over the moments: the scale for dates brings a calendar along that nothing here needs.
  const x = scaleLinear([start.getTime(), end.getTime()], [LEFT, WIDTH - 34]);
  const y = scaleLinear([0, inUnit(top)], [HEIGHT - FOOT, 8]).nice(3);
  const repacks = moments.filter((at) => isAfter(parseISO(at), start));
  const stretches = splitAt(shown, repacks);
  const path = line<(typeof shown)[number]>()
    .x((reading) => x(parseISO(reading.at).getTime()))
    .y((reading) => y(inUnit(reading.mean)));
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
      {y.ticks(3).map((tick) => (
        <g key={tick} transform={`translate(0 ${y(tick)})`}>
          <path d={`M${LEFT - 4} 0 H${WIDTH - 34}`} stroke={tick === 0 ? 'var(--rule)' : 'var(--hair)'} />
          <text x={LEFT - 7} y={4} textAnchor="end">
            {words.number(tick)}
          </text>
        </g>
      ))}
      {repacks.map((at) => (
        <path key={at} d={`M${x(parseISO(at).getTime())} 8 V${HEIGHT - FOOT}`} stroke="var(--rule)" />
      ))}
      {limit === null ? null : (
        <path d={`M${LEFT} ${limit} H${WIDTH - 34}`} stroke="var(--attention)" strokeDasharray="4 3" />
      )}
      {stretches.map((stretch) => (
        <path
          key={stretch[0]?.id}
          d={path(stretch) ?? ''}
          fill="none"
          stroke="var(--river)"
          strokeWidth={2}
        />
      ))}
      {shown.map((reading) => {
        const spread = inUnit(reading.spread ?? 0);
        const [cx, mean] = [x(parseISO(reading.at).getTime()), inUnit(reading.mean)];
        return (
          <g key={reading.id}>
            <path d={`M${cx} ${y(mean - spread)} V${y(mean + spread)}`} stroke="var(--ink)" />
            <circle cx={cx} cy={y(mean)} r={2.6} fill="var(--sheet)" stroke="var(--ink)" />
          </g>
        );
      })}
      <path d={`M${WIDTH - 34} 8 V${HEIGHT - FOOT}`} stroke="var(--ink)" />
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
      <text x={WIDTH - 34} y={HEIGHT - 4} textAnchor="end">
        {words.date(end, { month: 'short' })}
      </text>
    </svg>
  );
}

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
