import { ChartLane } from './ChartLane';
import type { ChartView } from './chartView';
import styles from './Charts.module.css';

/** One month as bars on top of each other. */
export interface MonthBar {
  readonly month: string;
  /** First day of the month and of the next. */
  readonly from: number;
  readonly to: number;
  readonly done: number;
  readonly planned: number;
  /** Below the others: what comes every month. */
  readonly always: number;
  /** In words. */
  readonly says: string;
}

interface Props {
  readonly view: ChartView;
  readonly name: string;
  readonly months: readonly MonthBar[];
  /** Said where there is nothing to draw. */
  readonly empty: string;
}

/** px between two bars. */
const BAR_GAP_PX = 2;

/** What each month took, and is likely to take: done is filled, planned is outlined, what comes every month lies below. */
export function MonthLane({ view, name, months, empty }: Props) {
  const { x, day } = view;
  const most = Math.max(0, ...months.map(({ done, planned, always }) => done + planned + always));
  return (
    <ChartLane
      {...{ view, name, most }}
      says={months.find(({ from, to }) => day >= from && day < to)?.says ?? ''}
      {...(most === 0 ? { empty } : {})}
    >
      {(y) => (
        <g clipPath="url(#plot)">
          {months.map(({ month, from, to, done, planned, always }) => {
            const [left, wide] = [x(from) + BAR_GAP_PX / 2, Math.max(1, x(to) - x(from) - BAR_GAP_PX)];
            const bar = (low: number, high: number, className: string | undefined) =>
              high <= low ? null : (
                <rect x={left} width={wide} y={y(high)} height={y(low) - y(high)} className={className} />
              );
            return (
              <g key={month}>
                {bar(0, always, styles.always)}
                {bar(always, always + done, styles.done)}
                {bar(always + done, always + done + planned, styles.planned)}
              </g>
            );
          })}
        </g>
      )}
    </ChartLane>
  );
}
