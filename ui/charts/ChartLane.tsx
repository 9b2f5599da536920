import { linearScale, type LinearScale } from '../drawing/linearScale';
import type { ReactNode } from 'react';
import { DayLine } from '../drawing/DayLine';
import { LimitLine } from '../drawing/LimitLine';
import { ValueAxis } from '../drawing/ValueAxis';
import { useWords } from '../fields/UnitsProvider';
import { LEFT_PX, RIGHT_PX, type ChartView } from './chartView';
import styles from './Charts.module.css';

const HEIGHT = 132;
const TOP = 8;
const FOOT = 6;
/** Share of the height that stays free above the highest value. */
const HEADROOM_FACTOR = 1.08;

interface Props {
  readonly view: ChartView;
  readonly name: string;
  /** What is read on the chosen day. */
  readonly says: ReactNode;
  /** Highest value, in the unit that is shown. */
  readonly most: number;
  readonly limit?: { readonly value: number; readonly said: string };
  /** Said in place of the drawing. */
  readonly empty?: string;
  readonly children: (y: LinearScale) => ReactNode;
}

/** One value over the days, on the axis that all lanes share; what is drawn into it is given. */
export function ChartLane({ view, name, says, most, limit, empty, children }: Props) {
  const words = useWords();
  const { x, width, from, to, today, day, onDay } = view;
  const y = linearScale([0, Math.max(most, limit?.value ?? 0, 1e-9) * HEADROOM_FACTOR], [HEIGHT - FOOT, TOP]);
  const right = width - RIGHT_PX;
  return (
    <figure className={styles.lane}>
      <figcaption className={styles.caption}>
        <span className="caption">{name}</span>
        <strong>{empty ?? says}</strong>
      </figcaption>
      {empty === undefined ? (
        <svg
          width={width}
          height={HEIGHT}
          aria-hidden="true"
          suppressHydrationWarning
          onPointerMove={(event) =>
            onDay(x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left))
          }
        >
          <ValueAxis
            y={y}
            ticks={y.ticks(4)}
            left={LEFT_PX}
            right={right}
            say={(tick) => words.number(tick)}
          />
          {children(y)}
          {limit === undefined ? null : (
            <LimitLine y={y(limit.value)} left={LEFT_PX} right={right} says={limit.said} />
          )}
          {today >= from && today <= to ? (
            <DayLine x={x(today)} top={TOP} foot={HEIGHT - FOOT} as="planned" />
          ) : null}
          <DayLine x={x(day)} top={0} foot={HEIGHT - FOOT} as="now" />
        </svg>
      ) : null}
    </figure>
  );
}
