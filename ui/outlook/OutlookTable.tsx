'use client';
import { COURSE_STEP } from '@/core/outlook/courseStep';
import type { OutlookForecast } from '@/core/outlook/outlook';
import { DAY_MS } from '@/core/units/daysBetween';
import { useWords } from '../fields/UnitsProvider';
import tables from '../frame/FigureTable.module.css';
import type { ChartReading } from './OutlookChart';

/** Days from one row to the next: a week. */
const DAYS_PER_ROW = 7;

interface Props {
  readonly ahead: OutlookForecast;
  readonly readings: readonly ChartReading[];
  /** Days since the pack went in. */
  readonly today: number;
  /** Days that the chart shows. */
  readonly lastDay: number;
}

/** What the chart of the flow shows, as a table: week by week what was expected and is, and what was measured in that week. */
export function OutlookTable({ ahead, readings, today, lastDay }: Props) {
  const words = useWords();
  const show = (si: number): string => words.show({ kind: 'flow', si });
  const dateOf = (day: number): string =>
    words.date(new Date(Date.parse(ahead.packedAt) + day * DAY_MS), { day: 'numeric', month: 'short' });
  const weeks = Array.from(
    { length: Math.floor(lastDay / DAYS_PER_ROW) + 1 },
    (_, week) => week * DAYS_PER_ROW,
  );
  return (
    <table className={tables.table}>
      <thead>
        <tr>
          <th scope="col">Week from</th>
          <th scope="col">Expected that day</th>
          <th scope="col">Likely range</th>
          <th scope="col">Measured</th>
        </tr>
      </thead>
      <tbody>
        {weeks.map((day) => {
          const place = Math.round(day / COURSE_STEP);
          const measured = readings.filter(
            (reading) => reading.day >= day && reading.day < day + DAYS_PER_ROW,
          );
          return (
            <tr key={day}>
              <th scope="row">
                {dateOf(day)}
                {today >= day && today < day + DAYS_PER_ROW ? ', this week' : ''}
              </th>
              <td>{show(ahead.flow.likely[place] ?? 0)}</td>
              <td>
                {show(ahead.flow.low[place] ?? 0)} to {show(ahead.flow.high[place] ?? 0)}
              </td>
              <td>
                {measured
                  .map(
                    (read) =>
                      `${show(read.flow)} on ${dateOf(read.day)}${read.odd ? ', does not match' : ''}`,
                  )
                  .join('; ')}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
