import styles from './Charts.module.css';
import { MIN_DAYS } from './chartWindow';
import { DayField } from './DayField';
import type { ChartDays } from './useChartDays';

/** From when to when the charts reach: by date, or by a span at a press. */
export function DaysShown({ days }: { readonly days: ChartDays }) {
  const { from, to, last, momentOf, dayOf, show, spans } = days;
  const dateAt = (day: number): string => momentOf(day).toISOString().slice(0, 10);
  const within = [momentOf(0), momentOf(last)] as const;
  return (
    <div className={styles.window} role="group" aria-label="Days shown">
      <DayField
        label="From"
        value={dateAt(from)}
        within={within}
        onDay={(date) => show(dayOf(date), Math.max(dayOf(date), to))}
      />
      <DayField
        label="To"
        value={dateAt(to)}
        within={within}
        onDay={(date) => show(Math.min(from, dayOf(date) - MIN_DAYS), dayOf(date))}
      />
      <p className={styles.spans}>
        {spans.map(({ said, low, high, isShown }) => (
          <button key={said} type="button" aria-pressed={isShown} onClick={() => show(low, high)}>
            {said}
          </button>
        ))}
      </p>
    </div>
  );
}
